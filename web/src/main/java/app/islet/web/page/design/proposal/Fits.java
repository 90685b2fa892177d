package app.islet.web.page.design.proposal;

import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Site;
import app.islet.core.proposal.Fit;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import org.springframework.stereotype.Component;

/** Whether species fit rooms, worked out once for each room. */
@Component
class Fits {
  private static final int MAX_KEPT = 2000;

  private final Cache<Key, Fit> kept = Caffeine.newBuilder().maximumSize(MAX_KEPT).build();

  /** A keeper's own sheet may change under its id. */
  private record Key(String id, int content, Site site, boolean chiller, LocalDate day) {}

  Fit of(CareSheet sheet, Site site, boolean chiller, LocalDate day) {
    int content = sheet.basedOn().isPresent() ? sheet.hashCode() : 0;
    return kept.get(
        new Key(sheet.id() + "/" + sheet.school().name(), content, site, chiller, day),
        key -> Fit.of(sheet, site, chiller, day));
  }
}
