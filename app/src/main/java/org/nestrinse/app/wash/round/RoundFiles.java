package org.nestrinse.app.wash.round;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.Names;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.core.record.PastRound;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Past rounds out of the database, into it and away: for the record, its files, and resets. */
@Service
public class RoundFiles {
  private final RoundRepository rounds;
  private final DoseLog doses;
  private final KindService kinds;
  private final PersonService persons;
  private final ApplicationEventPublisher events;
  private static final int AT_ONCE = 25;

  private final PlatformTransactionManager transactions;
  private final Clock clock;

  RoundFiles(
      RoundRepository rounds,
      DoseLog doses,
      KindService kinds,
      PersonService persons,
      ApplicationEventPublisher events,
      PlatformTransactionManager transactions,
      Clock clock) {
    this.rounds = rounds;
    this.doses = doses;
    this.kinds = kinds;
    this.persons = persons;
    this.events = events;
    this.transactions = transactions;
    this.clock = clock;
  }

  /** Returns the rounds that left the machine in a time, oldest first, without what was seen. */
  @Transactional(readOnly = true)
  public List<PastRound> past(Instant from, Instant to) {
    Names kindNames = kinds.names();
    Names people = persons.names();
    Map<Long, List<PastRound.Content>> contents = new HashMap<>();
    rounds
        .held(from, to)
        .forEach(
            h ->
                contents
                    .computeIfAbsent(h.round(), k -> new ArrayList<>())
                    .add(h.content(kindNames, people)));
    return rounds.rows(RoundState.PAST, from, to).stream()
        .map(r -> r.round(r.school(), contents.getOrDefault(r.id(), List.of())))
        .toList();
  }

  /**
   * Hands out every past round with everything that is kept of it, oldest first, a few at a time.
   */
  public void each(Consumer<RoundFile> to) {
    TransactionTemplate reading = new TransactionTemplate(transactions);
    reading.setReadOnly(true);
    List<Long> ids = reading.execute(tx -> rounds.ids(RoundState.PAST));
    for (int from = 0; from < ids.size(); from += AT_ONCE) {
      List<Long> some = ids.subList(from, Math.min(ids.size(), from + AT_ONCE));
      List<RoundFile> files =
          reading.execute(
              tx -> {
                Map<Long, List<RoundFile.FileDose>> taken = doses.byRound(some);
                return rounds.findByIdInOrderByStartedAtAscIdAsc(some).stream()
                    .map(e -> file(e, taken.getOrDefault(e.id, List.of())))
                    .toList();
              });
      files.forEach(to);
    }
  }

  /** Returns the number of the round with this name everywhere, or nothing. */
  @Transactional(readOnly = true)
  public Optional<Long> find(String uid) {
    return rounds.idOf(uid);
  }

  /**
   * Returns the number of the latest wash, or nothing; resets do not count.
   *
   * @param kindId a kind that was in it, or null for any
   * @param shelved whether only those count that are back on the shelf
   */
  @Transactional(readOnly = true)
  public Optional<Long> latest(@Nullable Long kindId, boolean shelved) {
    return rounds
        .latest(
            shelved ? Set.of(RoundState.SHELVED) : RoundState.TRUE,
            kindId,
            PastRound.RESET,
            Limit.of(1))
        .stream()
        .findFirst();
  }

  /** Returns the numbers of the rounds since a moment that a kind was in. */
  @Transactional(readOnly = true)
  public Set<Long> with(long kindId, Instant from) {
    return Set.copyOf(rounds.with(kindId, from));
  }

  /** Returns the name everywhere of each past round, by its number. */
  @Transactional(readOnly = true)
  public Map<Long, String> uids() {
    Map<Long, String> all = new HashMap<>();
    rounds.named(RoundState.PAST).forEach(n -> all.put(n.id(), n.uid()));
    return all;
  }

  /** Returns whether there is such a round that is not only practised. */
  @Transactional(readOnly = true)
  public boolean exists(long id) {
    return rounds.existsByIdAndStateIn(id, RoundState.TRUE);
  }

  /** Keeps a round that came out of a file, as one that is back on the shelf. */
  @Transactional
  public long keep(RoundFile file) {
    RoundEntity e = entity(file);
    e.state = RoundState.SHELVED;
    long id = rounds.saveAndFlush(e).id;
    doses.keep(id, file.doses());
    return id;
  }

  /**
   * Keeps a round that was washed by other means, such as a reset, and lets it hang.
   *
   * @param washed makes the event from its number
   */
  @Transactional
  public long hang(RoundFile file, java.util.function.LongFunction<RoundWashed> washed) {
    RoundEntity e = entity(file);
    e.state = RoundState.HANGING;
    e.finishedAt = clock.instant();
    long id = rounds.saveAndFlush(e).id;
    events.publishEvent(washed.apply(id));
    events.publishEvent(new RoundChanged(id));
    return id;
  }

  /**
   * Takes a round out of the record, or brings it back; throws {@link StateConflict} while
   * something of it hangs.
   */
  @Transactional
  public void remove(long id, boolean away) {
    RoundEntity e = rounds.findById(id).orElseThrow(() -> new NotFound(What.ROUND, id));
    RoundState from = away ? RoundState.SHELVED : RoundState.REMOVED;
    if (e.state != from) {
      throw new StateConflict(away ? RoundSaying.ONLY_SHELVED : RoundSaying.IN_RECORD);
    }
    e.state = away ? RoundState.REMOVED : RoundState.SHELVED;
    rounds.saveAndFlush(e);
    events.publishEvent(new RoundRemoved(id, away));
    events.publishEvent(new RoundChanged(id));
  }

  /** Deletes a past round, as a whole. What hangs stays. */
  @Transactional
  public void delete(long id) {
    rounds
        .findById(id)
        .filter(e -> e.state == RoundState.SHELVED || e.state == RoundState.REMOVED)
        .ifPresent(
            e -> {
              doses.forget(id);
              rounds.delete(e);
              rounds.flush();
            });
  }

  /** Returns the numbers of the rounds that are back on the shelf, those taken out too. */
  @Transactional(readOnly = true)
  public List<Long> shelved() {
    return rounds.ids(Set.of(RoundState.SHELVED, RoundState.REMOVED));
  }

  private static RoundFile file(RoundEntity e, List<RoundFile.FileDose> doses) {
    List<PastRound.Content> contents =
        e.contents.stream()
            .map(
                c ->
                    new PastRound.Content(
                        c.kind, c.person, c.pieces, c.massKg, c.heldHours, c.bulker))
            .toList();
    return RoundFileBuilder.builder()
        .uid(e.uid)
        .round(
            new PastRound(e.id, e.startedAt, e.school, e.programme, contents, e.figures, List.of()))
        .finishedAt(e.finishedAt)
        .shelvedAt(e.shelvedAt)
        .summary(e.summary)
        .note(e.note)
        .carer(e.carer)
        .steps(
            e.steps.stream()
                .map(
                    s ->
                        new RoundFile.FileStep(
                            s.number, s.title, s.minutes, s.doneAt, s.addedBecause))
                .toList())
        .events(
            e.events.stream()
                .filter(x -> x.kind != null)
                .map(x -> new RoundFile.FileEvent(x.at, x.step, x.kind, x.code, x.words, x.carer))
                .toList())
        .doses(doses)
        .plan(e.text(RoundEntity.Text.PLANNED))
        .going(e.text(RoundEntity.Text.GOING))
        .build();
  }

  private RoundEntity entity(RoundFile f) {
    PastRound r = f.round();
    RoundEntity e = new RoundEntity();
    e.uid = f.uid();
    e.startedAt = r.startedAt();
    e.finishedAt = f.finishedAt();
    e.shelvedAt = f.shelvedAt();
    e.school = r.school();
    e.programme = r.programme();
    e.summary = f.summary();
    e.figures = r.figures();
    e.note = f.note();
    e.carer = f.carer();
    e.text(RoundEntity.Text.PLANNED, RecordType.ROUND_PLAN, f.plan());
    e.text(RoundEntity.Text.GOING, RecordType.ROUND_PLAN, f.going());
    Names kindNames = kinds.names();
    Names people = persons.names();
    for (PastRound.Content c : r.contents()) {
      RoundEntity.ContentRow row = new RoundEntity.ContentRow();
      row.kindId = kindNames.idOf(c.kind());
      row.kind = c.kind();
      row.personId = people.idOf(c.person());
      row.person = c.person();
      row.pieces = c.pieces();
      row.massKg = c.massKg();
      row.heldHours = c.heldHours();
      row.bulker = c.bulker();
      e.contents.add(row);
    }
    for (RoundFile.FileStep s : f.steps()) {
      RoundEntity.StepRow row = new RoundEntity.StepRow();
      row.number = s.number();
      row.title = s.title();
      row.minutes = s.minutes();
      row.doneAt = s.doneAt();
      row.addedBecause = s.addedBecause();
      e.steps.add(row);
    }
    for (RoundFile.FileEvent x : f.events()) {
      RoundEntity.EventRow row = new RoundEntity.EventRow();
      row.at = x.at();
      row.step = x.step();
      row.kind = x.kind();
      row.code = x.code();
      row.words = x.words();
      row.carer = x.carer();
      e.events.add(row);
    }
    return e;
  }
}
