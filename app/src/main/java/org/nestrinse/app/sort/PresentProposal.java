package org.nestrinse.app.sort;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.pail.Waiting;
import org.nestrinse.app.sort.SortViews.Answer;
import org.nestrinse.app.sort.SortViews.Drum;
import org.nestrinse.app.sort.SortViews.Load;
import org.nestrinse.app.sort.SortViews.PieceLine;
import org.nestrinse.app.sort.SortViews.Rule;
import org.nestrinse.app.sort.SortViews.Sorting;
import org.nestrinse.app.sort.SortViews.Wait;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.sort.FillAdvice;
import org.nestrinse.core.sort.HandMove;
import org.nestrinse.core.sort.HouseRules;
import org.nestrinse.core.sort.Joining;
import org.nestrinse.core.sort.Offered;
import org.nestrinse.core.sort.Rearrangement;
import org.nestrinse.core.sort.SortReasons;
import org.nestrinse.core.sort.SortSolver;
import org.nestrinse.core.sort.SortWords;
import org.nestrinse.core.sort.Sorted;
import org.nestrinse.core.sort.ThinLoad;
import org.nestrinse.core.why.Why;

/** The loads that are proposed of what waits now, with what a person moved by hand. */
final class PresentProposal {
  private final Machine machine;
  private final Instant now;
  private final TimeWords words;
  private final Map<Long, Waiting> byId;
  private final Set<Long> pressing;
  private final List<HandMove> byHand;
  private final HouseRules rules;
  private @Nullable Sorted solved;
  private @Nullable Rearrangement arranged;

  /**
   * Reads what waits.
   *
   * @param waiting every entry that waits
   * @param pressing the entries that are due before the next chance to wash, whatever their clock
   * @param byHand what a person moved
   * @param rules which rules the house has set aside
   */
  PresentProposal(
      List<Waiting> waiting,
      Set<Long> pressing,
      List<HandMove> byHand,
      HouseRules rules,
      Machine machine,
      Instant now,
      TimeWords words) {
    this.byId = new LinkedHashMap<>();
    waiting.forEach(w -> byId.put(w.entryId(), w));
    this.pressing = pressing;
    this.byHand = byHand;
    this.rules = rules;
    this.machine = machine;
    this.now = now;
    this.words = words;
  }

  /** The same for the same pieces in the same loads, and for nothing else. */
  String stamp() {
    StringBuilder all = new StringBuilder();
    byId.values()
        .forEach(w -> all.append(w.entryId() + ":" + w.version() + ":" + w.pieces().count() + ","));
    arranged()
        .drums()
        .forEach(
            (number, drum) -> {
              all.append("load").append(number);
              drum.first().forEach(o -> all.append(" " + o.id() + ":" + o.pieces().count()));
              drum.bulkers().forEach(o -> all.append(" +" + o.id() + ":" + o.pieces().count()));
            });
    return UUID.nameUUIDFromBytes(all.toString().getBytes(StandardCharsets.UTF_8)).toString();
  }

  ShownProposals.Shown shown() {
    return new ShownProposals.Shown(byId, arranged());
  }

  Rearrangement arranged() {
    if (arranged == null) {
      arranged = Rearrangement.of(solved(), made(), machine);
    }
    return arranged;
  }

  private List<Rearrangement.Move> made() {
    return HandMove.made(solved(), byHand, machine);
  }

  /** Returns what stands against one more move, or null. */
  Joining.@Nullable Verdict refused(Rearrangement.Move more) {
    List<Rearrangement.Move> with = new ArrayList<>(made());
    with.add(more);
    return Rearrangement.of(solved(), with, machine).refused();
  }

  Sorted solved() {
    if (solved == null) {
      solved = solve();
    }
    return solved;
  }

  private Sorted solve() {
    List<Offered> offered =
        byId.values().stream().map(w -> new Offered(w.entryId(), w.pieces(), w.forBulk())).toList();
    // What Gather calls due goes: by its clock, since its pail is full, or since the shelf runs
    // out.
    Instant next = now.plus(SortSolver.NEXT_CHANCE);
    return SortSolver.solve(
        offered,
        machine,
        now,
        o -> pressing.contains(o.id()) || !HoldingClock.due(o.pieces()).isAfter(next),
        rules);
  }

  /**
   * Returns it as it is shown.
   *
   * @param refused what stands against a move that was just tried, or null
   * @param open the loads that were accepted
   */
  Sorting sorting(Joining.@Nullable Verdict refused, List<Load> open, List<Rule> all) {
    Rearrangement r = arranged();
    List<Drum> drums = r.drums().keySet().stream().map(number -> drum(number, r)).toList();
    return SortViewsSortingBuilder.builder()
        .stamp(stamp())
        .machine(LoadReader.front(machine))
        .drums(drums)
        .waits(waits(r.waiting()))
        .answers(
            r.answers().stream()
                .map(a -> new Answer(line(List.of(a.offered())), a.reason(), a.instead()))
                .toList())
        .proven(r.proven())
        .refused(refused)
        .moved(byHand.size())
        .loads(open)
        .rules(all)
        .build();
  }

  private Drum drum(int number, Rearrangement r) {
    Sorted.Drum d = r.drums().get(number);
    return SortViewsDrumBuilder.builder()
        .number(number)
        .title(title(d))
        .first(lines(d.first()))
        .bulkers(lines(d.bulkers()))
        .refused(d.refused())
        .fill(d.fill())
        .advice(FillAdvice.of(d.fill(), machine.window()))
        .commonC(d.commonC())
        .leastC(d.leastC())
        .reasons(reasons(number, r))
        .setAside(r.setAside().stream().filter(s -> s.drum() == number).toList())
        .whys(whys(d))
        .build();
  }

  /** In one order, so that the same loads make the same answer. */
  private Map<String, Why> whys(Sorted.Drum d) {
    Map<String, Why> whys = new TreeMap<>();
    whys.put("fill", FillAdvice.why(d.fill(), machine));
    whys.put("mass", LoadReader.massWhy(all(d), machine));
    return whys;
  }

  /** Why the load is as it is; for a thin one, first, what else could be done. */
  private List<Said> reasons(int number, Rearrangement r) {
    Sorted.Drum d = r.drums().get(number);
    List<Said> reasons = new ArrayList<>();
    List<ThinLoad.Instead> instead = ThinLoad.of(d, machine, now);
    if (!instead.isEmpty()) {
      reasons.add(
          SortWords.thin(
              d.fill().main(), instead.stream().map(i -> SortWords.of(i, words::at)).toList()));
    }
    reasons.addAll(SortReasons.of(number, r.drums(), machine));
    return reasons;
  }

  private static List<SoiledPieces> all(Sorted.Drum d) {
    List<SoiledPieces> all = new ArrayList<>(d.firstPieces());
    all.addAll(d.bulkPieces());
    return all;
  }

  /** What is due first leads. */
  private Said title(Sorted.Drum d) {
    Offered lead =
        d.first().stream()
            .min(
                Comparator.comparing((Offered o) -> HoldingClock.due(o.pieces()))
                    .thenComparing(Offered::id))
            .orElseThrow();
    return Said.of(SortSaying.LEADS)
        .with("pail", byId.get(lead.id()).pailName())
        .with("due", due(lead.pieces()));
  }

  private Said due(SoiledPieces p) {
    Instant due = HoldingClock.due(p);
    return due.isBefore(now)
        ? Said.of(SortSaying.SINCE).with("time", words.at(due))
        : words.at(due);
  }

  /** What waits, with its like in the same pail. */
  private List<Wait> waits(List<Sorted.Wait> waiting) {
    Map<String, List<Sorted.Wait>> alike =
        waiting.stream()
            .collect(
                Collectors.groupingBy(
                    w -> byId.get(w.offered().id()).pailId() + key(w.offered()) + "/" + w.reason(),
                    LinkedHashMap::new,
                    Collectors.toList()));
    return alike.values().stream()
        .map(
            group -> {
              Instant until =
                  group.stream().map(Sorted.Wait::until).min(Instant::compareTo).orElseThrow();
              return new Wait(
                  line(group.stream().map(Sorted.Wait::offered).toList()),
                  words.at(until),
                  group.get(0).reason());
            })
        .toList();
  }

  private static String key(Offered o) {
    return o.pieces().kind().id() + "/" + o.pieces().soil() + "/" + o.pieces().newDye();
  }

  private List<PieceLine> lines(List<Offered> offered) {
    Map<String, List<Offered>> alike =
        offered.stream()
            .collect(
                Collectors.groupingBy(
                    PresentProposal::key, LinkedHashMap::new, Collectors.toList()));
    return alike.values().stream().map(this::line).toList();
  }

  private PieceLine line(List<Offered> alike) {
    SoiledPieces one = alike.get(0).pieces();
    int count = alike.stream().mapToInt(o -> o.pieces().count()).sum();
    SoiledPieces first =
        alike.stream()
            .map(Offered::pieces)
            .min(Comparator.comparing(HoldingClock::due))
            .orElseThrow();
    return new PieceLine(
        alike.stream().map(Offered::id).toList(),
        one.kind().name(),
        count,
        one.kind().counted(count),
        one.newDye() ? SortSaying.NEW_DYE.said() : one.soil().said(),
        alike.stream()
            .map(o -> byId.get(o.id()).pailName())
            .distinct()
            .collect(Collectors.joining(", ")),
        one.kind().limits().said(),
        due(first));
  }
}
