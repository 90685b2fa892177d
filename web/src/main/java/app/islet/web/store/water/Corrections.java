package app.islet.web.store.water;

import app.islet.core.water.Correction;
import app.islet.core.water.Parameter;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.enclosure.EnclosureStore;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Corrections of the water that are under way; one for each value of an enclosure. */
@Service
public class Corrections {
  private final CorrectionRepository corrections;
  private final EnclosureStore enclosures;

  Corrections(CorrectionRepository corrections, EnclosureStore enclosures) {
    this.corrections = corrections;
    this.enclosures = enclosures;
  }

  /** Those under way, by enclosure. */
  @Transactional(readOnly = true)
  public Map<Long, List<Correction>> of(Collection<Long> enclosureIds) {
    return enclosureIds.isEmpty()
        ? Map.of()
        : corrections.findByEnclosureIdInAndEndedOnIsNullOrderById(enclosureIds).stream()
            .collect(
                Collectors.groupingBy(
                    CorrectionRecord::enclosureId,
                    Collectors.mapping(CorrectionRecord::correction, Collectors.toList())));
  }

  /** Begins one, once however often it is sent; in place of the one of the same value. */
  @Transactional
  public void begin(
      CollectionContext context, long enclosureId, Correction correction, UUID clientId) {
    enclosures.lock(context, enclosureId);
    if (!corrections.existsByClientId(clientId)) {
      end(context, enclosureId, correction.parameter());
      corrections.saveAndFlush(new CorrectionRecord(enclosureId, correction, clientId));
    }
  }

  @Transactional
  public void end(CollectionContext context, long enclosureId, Parameter parameter) {
    enclosures.lock(context, enclosureId);
    corrections
        .findByEnclosureIdAndParameterAndEndedOnIsNull(enclosureId, parameter)
        .ifPresent(
            found -> {
              found.end(context.today());
              corrections.saveAndFlush(found);
            });
  }
}
