package org.nestrinse.app.wash.round;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.Names;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.record.RoundFigures;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface RoundRepository extends JpaRepository<RoundEntity, Long> {
  /** Waits for whoever changes a round, and holds it until the transaction ends. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select e from RoundEntity e where e.id = :id")
  Optional<RoundEntity> held(long id);

  Optional<RoundEntity> findFirstByStateOrderByStartedAtDesc(RoundState state);

  Page<RoundEntity> findByStateNotInOrderByStartedAtDesc(
      Collection<RoundState> states, Pageable page);

  List<RoundEntity> findByStateInAndSchoolNotOrderByStartedAtDesc(
      Collection<RoundState> states, String school, Limit limit);

  @Query("select e.id from RoundEntity e where e.state in :states order by e.startedAt, e.id")
  List<Long> ids(Collection<RoundState> states);

  List<RoundEntity> findByIdInOrderByStartedAtAscIdAsc(Collection<Long> ids);

  @Query("select e.loadId from RoundEntity e where e.state = :state and e.loadId is not null")
  List<Long> loads(RoundState state);

  @Query("select e.id from RoundEntity e where e.uid = :uid")
  Optional<Long> idOf(String uid);

  @Query(
      """
      select distinct e.id from RoundEntity e join e.contents c
      where c.kindId = :kindId and e.startedAt >= :from""")
  List<Long> with(long kindId, Instant from);

  /** A round's number and its name everywhere. */
  record Named(Long id, String uid) {}

  @Query(
      """
      select new org.nestrinse.app.wash.round.RoundRepository$Named(e.id, e.uid)
      from RoundEntity e where e.state in :states""")
  List<Named> named(Collection<RoundState> states);

  boolean existsByIdAndStateIn(Long id, Collection<RoundState> states);

  List<RoundEntity> findByState(RoundState state);

  /** A round without what was in it and without its plan. */
  record Row(Long id, Instant startedAt, String school, String programme, RoundFigures figures) {
    PastRound round(String schoolName, List<PastRound.Content> contents) {
      return new PastRound(id, startedAt, schoolName, programme, contents, figures, List.of());
    }
  }

  @Query(
      """
      select new org.nestrinse.app.wash.round.RoundRepository$Row(e.id, e.startedAt, e.school, e.programme, e.figures)
      from RoundEntity e
      where e.state in :states and e.startedAt >= :from and e.startedAt <= :to order by e.startedAt""")
  List<Row> rows(Collection<RoundState> states, Instant from, Instant to);

  @Query(
      """
      select e.id from RoundEntity e where e.state in :states and e.school <> :not
        and (:kindId is null or exists (select 1 from e.contents c where c.kindId = :kindId))
      order by e.startedAt desc""")
  List<Long> latest(Collection<RoundState> states, @Nullable Long kindId, String not, Limit limit);

  /** Returns the method last used for the first set of any of these kinds. */
  @Query(
      """
      select e.school from RoundEntity e where e.state in :states and e.school <> 'reset'
        and exists (select 1 from e.contents c where c.kindId in :kindIds and c.bulker = false)
      order by e.startedAt desc""")
  List<String> usual(Collection<Long> kindIds, Collection<RoundState> states, Limit limit);

  /** What was in a round, beside its number. */
  @RecordBuilder
  record Held(
      Long round,
      @Nullable Long kindId,
      String kind,
      @Nullable Long personId,
      @Nullable String person,
      int pieces,
      double massKg,
      double heldHours,
      boolean bulker) {
    PastRound.Content content(Names kinds, Names people) {
      return new PastRound.Content(
          kinds.now(kindId, kind),
          person == null ? null : people.now(personId, person),
          pieces,
          massKg,
          heldHours,
          bulker);
    }
  }

  @Query(
      """
      select new org.nestrinse.app.wash.round.RoundRepository$Held(e.id, c.kindId, c.kind, c.personId, c.person, c.pieces, c.massKg,
        c.heldHours, c.bulker)
      from RoundEntity e join e.contents c where e.startedAt >= :from and e.startedAt <= :to""")
  List<Held> held(Instant from, Instant to);
}
