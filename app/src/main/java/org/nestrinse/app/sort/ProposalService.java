package org.nestrinse.app.sort;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.gather.pail.Waiting;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.sort.SortViews.Load;
import org.nestrinse.app.sort.SortViews.Pair;
import org.nestrinse.app.sort.SortViews.Sorting;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.sort.HandMove;
import org.nestrinse.core.sort.Joining;
import org.nestrinse.core.sort.LoadSaying;
import org.nestrinse.core.sort.Offered;
import org.nestrinse.core.sort.Rearrangement;
import org.nestrinse.core.sort.SortSolver;
import org.nestrinse.core.sort.SortWords;
import org.nestrinse.core.sort.Sorted;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Proposes loads of everything that waits, with what a person moves by hand, and accepts them. */
@Service
public class ProposalService {
  private static final int LONGEST_REASON = 200;
  private static final int MOST_MOVES = 60;
  private static final Range LOAD = new Range(Rearrangement.STAYS, 1000);

  private final SortService sort;
  private final LoadReader loads;
  private final GatherService gather;
  private final MachineService machines;
  private final HouseholdService households;
  private final HandMoveRepository moves;
  private final AsideRules rules;
  private final ShownProposals shown;
  private final Clock clock;

  ProposalService(
      SortService sort,
      LoadReader loads,
      GatherService gather,
      MachineService machines,
      HouseholdService households,
      HandMoveRepository moves,
      AsideRules rules,
      ShownProposals shown,
      Clock clock) {
    this.sort = sort;
    this.loads = loads;
    this.gather = gather;
    this.machines = machines;
    this.households = households;
    this.moves = moves;
    this.rules = rules;
    this.shown = shown;
    this.clock = clock;
  }

  /**
   * A move as it is sent.
   *
   * @param stamp of the proposal in which it was made
   * @param ids the pieces
   * @param from number of the load they leave; -1 when they wait
   * @param to number of the load they join; 0 for a load of their own, -1 to keep them back
   * @param reason why a soft rule is set aside
   * @param always whether the house sets it aside for good, and is not asked again
   */
  public record MoveSent(
      @Nullable String stamp,
      @Nullable List<@Nullable Long> ids,
      @Nullable Integer from,
      @Nullable Integer to,
      @Nullable String reason,
      @Nullable Boolean always) {}

  /** What is sent to accept a proposal: all of it, or the loads with these numbers. */
  public record Accepting(@Nullable String stamp, @Nullable List<@Nullable Integer> numbers) {}

  /** What is sent to make one load of what waits in some pails. */
  public record NewLoad(@Nullable List<@Nullable Long> pailIds) {}

  /** Returns the proposal with what was moved by hand, and the loads that were accepted. */
  @Transactional(readOnly = true)
  public Sorting sorting() {
    List<Waiting> waiting = gather.waiting();
    return waiting.isEmpty() ? nothingWaits() : show(present(waiting), null);
  }

  /**
   * Moves pieces by hand. A move against a rule is not made, and the answer says which rule; a soft
   * one can be set aside with a reason. Throws {@link Stale} when the proposal was not shown
   * lately.
   */
  @Transactional
  public Sorting move(MoveSent sent) {
    String stamp = RequestChecks.text("stamp", sent.stamp, LONGEST_REASON);
    List<Long> ids = RequestChecks.list("ids", sent.ids);
    int from = RequestChecks.whole("from", sent.from, LOAD);
    int to = RequestChecks.whole("to", sent.to, LOAD);
    String reason =
        sent.reason == null || sent.reason.isBlank()
            ? null
            : RequestChecks.text("reason", sent.reason, LONGEST_REASON);
    forgetMovesOfWhatIsGone();
    if (moves.count() >= MOST_MOVES) {
      throw new StateConflict(SortRefusal.A_LOT_OF_MOVING);
    }
    PresentProposal proposal = present(gather.waiting());
    ShownProposals.Shown seen = shown.of(stamp).orElseThrow(() -> stale(proposal));
    Rearrangement.Move move = new Rearrangement.Move(ids, from, to, reason);
    if (to > Rearrangement.OWN && !seen.proposal().drums().containsKey(to)) {
      throw new OutOfRange("to", to, SortRefusal.A_LOAD);
    }
    HandMove byHand = HandMove.of(move, seen.proposal());
    Rearrangement.Move now =
        byHand
            .in(proposal.arranged())
            .orElseThrow(() -> new OutOfRange("ids", ids, SortRefusal.TO_ANOTHER_LOAD));
    Joining.Verdict refused = proposal.refused(now);
    if (refused == null) {
      if (reason != null && Boolean.TRUE.equals(sent.always)) {
        Joining.Verdict without = proposal.refused(now.withoutReason());
        if (without != null) {
          rules.always(without, reason);
        }
      }
      moves.saveAndFlush(HandMoveEntity.of(byHand));
    }
    return refused == null ? show(present(gather.waiting()), null) : show(proposal, refused);
  }

  /** Lets a rule hold again that the house has set aside. */
  @Transactional
  public Sorting askAgain(String rule) {
    rules.askAgain(rule);
    return sorting();
  }

  /** Takes the last move back. */
  @Transactional
  public Sorting moveBack() {
    moves.findFirstByOrderByIdDesc().ifPresent(moves::delete);
    moves.flush();
    return sorting();
  }

  /** Takes every move back: the loads are as they were proposed. */
  @Transactional
  public Sorting asProposed() {
    moves.deleteAll();
    moves.flush();
    return sorting();
  }

  private Stale stale(PresentProposal proposal) {
    return new Stale(What.PAILS, show(proposal, null));
  }

  /** With nothing to sort, no machine is asked for: a new household may have none yet. */
  private Sorting nothingWaits() {
    return SortViewsSortingBuilder.builder()
        .stamp("")
        .machine(null)
        .drums(List.of())
        .waits(List.of())
        .answers(List.of())
        .proven(true)
        .refused(null)
        .moved(0)
        .loads(loads.open())
        .rules(rules.shown())
        .build();
  }

  /** Returns how many loads are proposed; none while no machine is set up. */
  @Transactional(readOnly = true)
  public int proposed() {
    List<Waiting> waiting = gather.waiting();
    return waiting.isEmpty() || !machines.isSetUp()
        ? 0
        : present(waiting).arranged().drums().size();
  }

  /**
   * Accepts loads of a proposal as they were shown. What came into the pails meanwhile does not
   * matter; throws {@link Stale} with the present proposal when the pieces of these loads no longer
   * wait as they did.
   */
  @Transactional
  public Sorting accept(Accepting accepting) {
    String stamp = RequestChecks.text("stamp", accepting.stamp, LONGEST_REASON);
    Map<Long, Waiting> now = byId(gather.waiting());
    PresentProposal proposal = present(List.copyOf(now.values()));
    ShownProposals.Shown seen =
        proposal.stamp().equals(stamp)
            ? proposal.shown()
            : shown.of(stamp).orElseThrow(() -> stale(proposal));
    Map<Integer, Sorted.Drum> drums = seen.proposal().drums();
    Set<Integer> numbers = new LinkedHashSet<>(drums.keySet());
    if (accepting.numbers != null) {
      numbers = new LinkedHashSet<>(RequestChecks.list("numbers", accepting.numbers));
      if (!drums.keySet().containsAll(numbers)) {
        throw new OutOfRange(
            "numbers",
            numbers,
            Said.of(SortRefusal.PROPOSED_LOADS)
                .with("numbers", Said.row(List.copyOf(drums.keySet()))));
      }
    }
    if (numbers.isEmpty()) {
      throw new StateConflict(SortRefusal.NOTHING_TO_ACCEPT);
    }
    List<Offered> wanted =
        numbers.stream()
            .map(drums::get)
            .flatMap(d -> Stream.concat(d.first().stream(), d.bulkers().stream()))
            .toList();
    if (!stillWait(wanted, seen.byId(), now)) {
      throw stale(proposal);
    }
    for (int number : numbers) {
      List<Said> setAside =
          seen.proposal().setAside().stream()
              .filter(s -> s.drum() == number)
              .map(s -> SortService.setAside(s.words(), s.reason()))
              .toList();
      Sorted.Drum drum = drums.get(number);
      List<Long> pails =
          drum.first().stream().map(o -> now.get(o.id()).pailId()).distinct().toList();
      sort.create(drum, now, pails, setAside);
    }
    forgetMovesOfWhatIsGone();
    return sorting();
  }

  /** What no longer waits cannot be moved. */
  private void forgetMovesOfWhatIsGone() {
    Set<Long> left = byId(gather.waiting()).keySet();
    moves.findAllByOrderById().stream()
        .filter(m -> m.entries.stream().noneMatch(left::contains))
        .forEach(moves::delete);
    moves.flush();
  }

  /** Returns whether pieces still wait as they did, whatever waits beside them. */
  private static boolean stillWait(
      List<Offered> wanted, Map<Long, Waiting> then, Map<Long, Waiting> now) {
    Map<Long, Integer> counts = new LinkedHashMap<>();
    wanted.forEach(o -> counts.merge(o.id(), o.pieces().count(), Integer::sum));
    return counts.entrySet().stream()
        .allMatch(
            c -> {
              Waiting was = then.get(c.getKey());
              Waiting is = now.get(c.getKey());
              return is != null
                  && is.pieces().count() >= c.getValue()
                  && is.pieces().withCount(1).equals(was.pieces().withCount(1))
                  && is.pailId() == was.pailId();
            });
  }

  private PresentProposal present(List<Waiting> waiting) {
    Instant now = clock.instant();
    return new PresentProposal(
        waiting,
        gather.pressing(now.plus(SortSolver.NEXT_CHANCE)),
        moves.findAllByOrderById().stream().map(HandMoveEntity::toMove).toList(),
        rules.now(),
        machines.machine(),
        now,
        households.timeWords());
  }

  /** Remembers what is shown, so that who accepts it gets what they saw. */
  private Sorting show(PresentProposal proposal, Joining.@Nullable Verdict refused) {
    shown.keep(proposal.stamp(), proposal.shown());
    return proposal.sorting(refused, loads.open(), rules.shown());
  }

  private static Map<Long, Waiting> byId(List<Waiting> waiting) {
    Map<Long, Waiting> byId = new LinkedHashMap<>();
    waiting.forEach(w -> byId.put(w.entryId(), w));
    return byId;
  }

  /**
   * Makes one load of what waits in these pails, whatever its clocks, without bulk; of several that
   * would come of it, the one that is due first. Throws {@link StateConflict} when nothing may go.
   */
  @Transactional
  public Load make(NewLoad wanted) {
    List<Long> pailIds = RequestChecks.list("pailIds", wanted.pailIds).stream().distinct().toList();
    List<Waiting> chosen =
        gather.waiting().stream().filter(w -> pailIds.contains(w.pailId())).toList();
    if (chosen.isEmpty()) {
      throw new StateConflict(SortRefusal.NOTHING_WAITS);
    }
    List<Offered> offered =
        chosen.stream().map(w -> new Offered(w.entryId(), w.pieces(), false)).toList();
    Sorted sorted =
        SortSolver.solve(offered, machines.machine(), clock.instant(), o -> true, rules.now());
    if (sorted.drums().isEmpty()) {
      throw new StateConflict(
          Said.of(SortRefusal.NOTHING_MAY_GO).with("reason", sorted.answers().get(0).reason()));
    }
    Map<Long, Waiting> byId = new LinkedHashMap<>();
    chosen.forEach(w -> byId.put(w.entryId(), w));
    return sort.view(sort.create(sorted.drums().get(0), byId, pailIds, List.of()));
  }

  /**
   * A load that was made at once.
   *
   * @param load the load
   * @param notes what it would have waited for, and what goes separately
   */
  public record WashedNow(Load load, List<Said> notes) {}

  /**
   * Makes a load of what waits in a pail, whatever is advised, and says what it would have waited
   * for. Throws {@link StateConflict} when nothing of it may go.
   */
  @Transactional
  public WashedNow washNow(NewLoad wanted) {
    List<Long> pailIds =
        wanted.pailIds == null
            ? gather.waiting().stream().map(Waiting::pailId).distinct().toList()
            : RequestChecks.list("pailIds", wanted.pailIds).stream().distinct().toList();
    List<Waiting> before =
        gather.waiting().stream().filter(w -> pailIds.contains(w.pailId())).toList();
    Load load = make(new NewLoad(pailIds));
    Instant now = clock.instant();
    TimeWords words = households.timeWords();
    List<Said> notes = new ArrayList<>();
    before.stream()
        .map(w -> HoldingClock.due(w.pieces()))
        .min(Instant::compareTo)
        .filter(due -> due.isAfter(now))
        .ifPresent(due -> notes.add(SortWords.wouldHaveWaited(words.at(due))));
    List<Waiting> left =
        gather.waiting().stream().filter(w -> pailIds.contains(w.pailId())).toList();
    List<SoiledPieces> going = loads.pieces(load.id()).first();
    left.stream()
        .findFirst()
        .ifPresent(
            w ->
                notes.add(
                    SortWords.staysBehind(
                        w.pieces().said(),
                        Joining.refuse(w.pieces(), going, List.of(), machines.machine())
                            .orElse(LoadSaying.NO_ROOM.said()))));
    return new WashedNow(load, notes);
  }

  /** Returns why two pieces may not travel together, or that they may. */
  @Transactional(readOnly = true)
  public Pair pair(long one, long other) {
    Joining.Pair pair = Joining.pair(waiting(one), waiting(other));
    return new Pair(
        pair.together(),
        pair.rule() == null ? null : pair.rule().name(),
        pair.rule() != null && pair.rule().hard(),
        Said.of(SortSaying.PAIR).with("words", pair.words()));
  }

  private SoiledPieces waiting(long entryId) {
    return gather.waiting().stream()
        .filter(w -> w.entryId() == entryId)
        .findFirst()
        .orElseThrow(() -> new StateConflict(SortRefusal.NO_LONGER_WAIT))
        .pieces();
  }
}
