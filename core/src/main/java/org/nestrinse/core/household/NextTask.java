package org.nestrinse.core.household;

import java.time.Duration;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;

/**
 * The one thing to do next in a house. What somebody stands beside comes first, then what spoils by
 * waiting, then what is ready to go on, then what comes by itself later.
 *
 * @param task what
 * @param words the same in a sentence
 */
public record NextTask(Task task, Said words) {
  /** What is due within so long is worth sorting now: a house figure. */
  public static final Duration SOON = Duration.ofHours(12);

  /** A thing to do; its words are those of the button that leads to it. */
  public enum Task implements Saying {
    SET_UP("set-up"),
    STEP("wash"),
    FEEL("dry"),
    TRIP("dry"),
    START("wash"),
    SORT("sort"),
    WASHING("wash"),
    DRYING("dry"),
    WAITING("gather"),
    NOTHING("gather");

    private final String station;

    Task(String station) {
      this.station = station;
    }

    /** Returns the station where it is done. */
    public String station() {
      return station;
    }

    /** Returns whether there is something to do now. */
    public boolean now() {
      return ordinal() <= SORT.ordinal();
    }
  }

  /** The sentences. */
  public enum Words implements Saying {
    SET_UP_THE_HOUSE,
    DO_THE_STEP("step"),
    FEEL_WHETHER_DRY("pieces"),
    START_THE_LOAD("loads"),
    WASH_NOW("oldest"),
    WASH_BY("when"),
    WASH_RUNS("step", "left"),
    DRY_AT("pieces", "when"),
    WAITS_UNTIL("when"),
    NOTHING_TO_DO;

    private final Set<String> valueNames;

    Words(String... valueNames) {
      this.valueNames = Set.of(valueNames);
    }

    @Override
    public Set<String> valueNames() {
      return valueNames;
    }
  }

  /**
   * How a house stands.
   *
   * @param setUp whether its set-up is over
   * @param step the step of a wash that waits for a person, or null
   * @param running how long the step of a wash still runs by itself, as a sentence, or null
   * @param drying what hangs
   * @param loadsReady loads that are sorted
   * @param loadsToMake loads that could be sorted
   * @param due when what waits is to be washed, or null when nothing waits
   */
  public record Stand(
      boolean setUp,
      @Nullable Said step,
      @Nullable Said running,
      Drying drying,
      int loadsReady,
      int loadsToMake,
      @Nullable Due due) {}

  /**
   * What hangs.
   *
   * @param mayBeDry pieces that may be dry
   * @param trip what is to be carried now, as a sentence, or null
   * @param next pieces that are dry next
   * @param when when they are, or null
   */
  public record Drying(int mayBeDry, @Nullable Said trip, int next, @Nullable Said when) {}

  /**
   * When what waits is to be washed.
   *
   * @param left how long until then; less than nothing when that is past
   * @param when when, in words
   * @param oldest how old the oldest is, in words
   */
  public record Due(Duration left, Said when, Said oldest) {
    private boolean over() {
      return left.isNegative() || left.isZero();
    }

    private boolean soon() {
      return left.compareTo(SOON) < 0;
    }
  }

  /** Returns what to do next. */
  public static NextTask of(Stand stand) {
    if (!stand.setUp) {
      return new NextTask(Task.SET_UP, Words.SET_UP_THE_HOUSE.said());
    }
    if (stand.step != null) {
      return new NextTask(Task.STEP, Said.of(Words.DO_THE_STEP).with("step", stand.step));
    }
    if (stand.drying.mayBeDry > 0) {
      return new NextTask(
          Task.FEEL, Said.of(Words.FEEL_WHETHER_DRY).with("pieces", stand.drying.mayBeDry));
    }
    if (stand.drying.trip != null) {
      return new NextTask(Task.TRIP, stand.drying.trip);
    }
    if (stand.running != null) {
      return new NextTask(Task.WASHING, stand.running);
    }
    if (stand.loadsReady > 0) {
      return new NextTask(
          Task.START, Said.of(Words.START_THE_LOAD).with("loads", stand.loadsReady));
    }
    return later(stand);
  }

  private static NextTask later(Stand stand) {
    Due due = stand.due;
    if (due != null && due.over()) {
      return new NextTask(Task.SORT, Said.of(Words.WASH_NOW).with("oldest", due.oldest));
    }
    if (due != null && due.soon() && stand.loadsToMake > 0) {
      return new NextTask(Task.SORT, Said.of(Words.WASH_BY).with("when", due.when));
    }
    if (stand.drying.when != null) {
      return new NextTask(
          Task.DRYING,
          Said.of(Words.DRY_AT).with("pieces", stand.drying.next).with("when", stand.drying.when));
    }
    if (due != null) {
      return new NextTask(Task.WAITING, Said.of(Words.WAITS_UNTIL).with("when", due.when));
    }
    return new NextTask(Task.NOTHING, Words.NOTHING_TO_DO.said());
  }
}
