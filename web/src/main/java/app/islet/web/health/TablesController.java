package app.islet.web.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.health.AidStep;
import app.islet.core.health.Arrival;
import app.islet.core.health.Cause;
import app.islet.core.health.Course;
import app.islet.core.health.Crossing;
import app.islet.core.health.HealthTables;
import app.islet.core.health.Normal;
import app.islet.core.health.Sign;
import app.islet.core.health.SkinGuide;
import app.islet.web.collection.CollectionContext;
import app.islet.web.support.NotFoundException;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the answers are made of, row by row with its basis, to read and to take out. */
@Controller
@RequestMapping("/c/{collection}/health/tables")
class TablesController {
  @GetMapping
  String show(CollectionContext context, Model model) {
    model.addAttribute("signs", Sign.all());
    model.addAttribute("normal", Normal.all());
    model.addAttribute("causes", Cause.all());
    model.addAttribute("courses", Course.all());
    model.addAttribute("arrivals", Arrays.stream(AnimalGroup.values()).map(Arrival::of).toList());
    model.addAttribute("crossings", Crossing.all());
    model.addAttribute("skins", SkinGuide.all());
    model.addAttribute("steps", steps());
    model.addAttribute(
        "words", Sign.all().stream().collect(Collectors.toMap(Sign::id, Sign::words)));
    model.addAttribute("names", HealthTables.names());
    return "health/tables";
  }

  private static Map<String, String> steps() {
    return AidStep.all().stream().collect(Collectors.toMap(AidStep::id, AidStep::text));
  }

  @GetMapping("/{name}.yaml")
  ResponseEntity<String> file(CollectionContext context, @PathVariable String name) {
    String yaml =
        HealthTables.text(name)
            .orElseThrow(() -> new NotFoundException("there is no table " + name));
    return ResponseEntity.ok()
        .header("Content-Type", "application/yaml;charset=UTF-8")
        .header("Content-Disposition", "attachment; filename=\"" + name + ".yaml\"")
        .body(yaml);
  }
}
