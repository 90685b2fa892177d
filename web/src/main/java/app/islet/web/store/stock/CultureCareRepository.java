package app.islet.web.store.stock;

import app.islet.web.base.log.LogRepository;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;

interface CultureCareRepository extends LogRepository<CultureCare> {
  /** When somebody saw to a culture last. */
  record Last(long cultureId, LocalDate day) {}

  @Query(
      """
      select new app.islet.web.store.stock.CultureCareRepository$Last(e.cultureId, max(e.day))
      from CultureCare e where e.cultureId in :ids and"""
          + VALID
          + "group by e.cultureId")
  List<Last> last(Collection<Long> ids);

  @Query(
      "select e from CultureCare e where e.cultureId = :id and e.day = :day and"
          + VALID
          + "order by e.id limit 1")
  Optional<CultureCare> of(long id, LocalDate day);
}
