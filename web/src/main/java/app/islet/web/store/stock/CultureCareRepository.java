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
      select new app.islet.web.store.stock.CultureCareRepository$Last(c.cultureId, max(c.day))
      from CultureCare c where c.cultureId in :ids and c.voids is null
      and not exists (select 1 from CultureCare v where v.voids = c.id)
      group by c.cultureId""")
  List<Last> last(Collection<Long> ids);

  @Query(
      """
      select c from CultureCare c where c.cultureId = :id and c.day = :day and c.voids is null
      and not exists (select 1 from CultureCare v where v.voids = c.id) order by c.id limit 1""")
  Optional<CultureCare> of(long id, LocalDate day);
}
