package app.islet.web.ops.api;

import app.islet.core.calculator.Batch;
import app.islet.core.calculator.Calculators;
import app.islet.core.calculator.RefusedException;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Calculators over HTTP: the same answer as the shell's, or 422 with the sentence and the key. */
@RestController
class CalculatorApi {
  @GetMapping("/api/calculators/{id}")
  ResponseEntity<Object> run(@PathVariable String id, @RequestParam Map<String, String> given) {
    if (Calculators.find(id).isEmpty()) {
      return ResponseEntity.status(404)
          .contentType(MediaType.APPLICATION_JSON)
          .body(Map.of("error", "there is no calculator \"" + id + "\"", "key", ""));
    }
    try {
      return ResponseEntity.ok()
          .contentType(MediaType.APPLICATION_JSON)
          .body(Batch.json(id, Calculators.run(id, given)));
    } catch (RefusedException e) {
      return ResponseEntity.unprocessableContent()
          .contentType(MediaType.APPLICATION_JSON)
          .body(Map.of("error", e.getMessage(), "key", e.key()));
    }
  }
}
