package app.islet.web.page.design.proposal;

import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Site;
import app.islet.core.proposal.Fit;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Whether species fit rooms, worked out once for each room. */
@Component
class Fits {
  private static final int MAX_KEPT = 2000;

  private final Cache<Key, Fit> kept = Caffeine.newBuilder().maximumSize(MAX_KEPT).build();

  /** A keeper's own sheet may change under its id. */
  private record Key(
      String id, Optional<CareSheet> own, Site site, boolean chiller, LocalDate day) {}

  Fit of(CareSheet sheet, Site site, boolean chiller, LocalDate day) {
    Optional<CareSheet> own = Optional.of(sheet).filter(s -> s.basedOn().isPresent());
    return kept.get(
        new Key(sheet.id() + "/" + sheet.school().name(), own, site, chiller, day),
        key -> Fit.of(sheet, site, chiller, day));
  }
}
