package org.nestrinse.app.gather.pail;

import java.time.LocalDate;
import java.util.List;
import org.nestrinse.app.kit.kind.KindCount;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryRepository extends JpaRepository<EntryEntity, Long> {
  @Query(
      "select e from EntryEntity e where e.removedAt is null and e.taken < e.pieces order by e.cameIn, e.id")
  List<EntryEntity> waiting();

  @Query(
      """
      select new org.nestrinse.app.kit.kind.KindCount(e.kindId, sum(e.pieces - e.taken))
      from EntryEntity e where e.removedAt is null and e.taken < e.pieces group by e.kindId""")
  List<KindCount> waitingByKind();

  /** Everything that was assumed for a day or later, what was taken out again too. */
  List<EntryEntity> findByHabitDayGreaterThanEqual(LocalDate day);

  /** Everything that came into a pail and was not a mistake. */
  List<EntryEntity> findByPailIdAndRemovedAtIsNull(long pailId);

  /** What is assumed of a kind in a pail. */
  List<EntryEntity> findByPailIdAndKindIdAndAssumedTrueAndRemovedAtIsNull(long pailId, long kindId);

  List<EntryEntity> findByLotIdAndRemovedAtIsNull(long lotId);
}
