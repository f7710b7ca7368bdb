package org.nestrinse.core.shelf;

import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;

/**
 * What runs beside the nappy rounds of a week: household loads in turn, a hot round now and then
 * when the school washes cool, and a maintenance wash of the machine. Each takes the cheapest free
 * hour near the day on which it is due.
 *
 * @param runs household and maintenance runs, in order of time
 * @param hotRound number of the nappy round that is to be a hot one, from 0 on, or null
 * @see "docs/models.md, the week"
 */
public record WeekExtras(List<Run> runs, @Nullable Integer hotRound) {
  /** Days from one hot round to the next when the usual method is a cool one. */
  public static final int HOT_EVERY_DAYS = 8;

  /** Days after which maintenance is due. */
  public static final int MAINTENANCE_DAYS = 30;

  /** Cool rounds in a row after which maintenance is due. */
  public static final int MAINTENANCE_COOL_ROUNDS = 30;

  /** Days between household loads; 0 for none in the plan. */
  public static final Range HOUSEHOLD_EVERY_DAYS = new Range(0, 14, Unit.DAY);

  private static final int HOURS_PER_DAY = 24;
  private static final int NEAR_H = 18;
  private static final int MINUTES_PER_HOUR = 60;

  public WeekExtras {
    runs = List.copyOf(runs);
  }

  /** What a run is for. */
  public enum Purpose implements Saying {
    HOUSEHOLD,
    MAINTENANCE;
  }

  /**
   * One run.
   *
   * @param sort what it is for
   * @param start when it begins
   * @param end when it is over
   * @param money what it costs
   */
  public record Run(Purpose sort, ZonedDateTime start, ZonedDateTime end, double money) {}

  /**
   * What is due.
   *
   * @param householdEveryDays days between household loads, 0 for none
   * @param cool whether nappies are washed below 60
   * @param lastHotDaysAgo days since the last hot round
   * @param coolRoundsInRow cool rounds since then
   * @param maintainedDaysAgo days since the machine's last maintenance wash
   */
  public record Due(
      int householdEveryDays,
      boolean cool,
      double lastHotDaysAgo,
      int coolRoundsInRow,
      double maintainedDaysAgo) {
    public Due {
      HOUSEHOLD_EVERY_DAYS.check("householdEveryDays", householdEveryDays);
    }
  }

  /** Returns what runs beside a plan. */
  public static WeekExtras of(WeekQuestion question, WeekPlan plan, Due due) {
    List<Run> runs = new ArrayList<>();
    double maintenance = MAINTENANCE_DAYS - due.maintainedDaysAgo;
    boolean manyCool = due.coolRoundsInRow >= MAINTENANCE_COOL_ROUNDS;
    if (manyCool || maintenance < question.days()) {
      int hour = manyCool ? 0 : (int) Math.max(0, maintenance * HOURS_PER_DAY);
      place(Purpose.MAINTENANCE, question, plan, runs, hour).ifPresent(runs::add);
    }
    if (due.householdEveryDays > 0) {
      int every = due.householdEveryDays * HOURS_PER_DAY;
      for (int hour = every / 2; hour < question.hours(); hour += every) {
        place(Purpose.HOUSEHOLD, question, plan, runs, hour).ifPresent(runs::add);
      }
    }
    runs.sort(java.util.Comparator.comparing(Run::start));
    return new WeekExtras(runs, due.cool ? hot(question, plan, due) : null);
  }

  private static @Nullable Integer hot(WeekQuestion question, WeekPlan plan, Due due) {
    double dueH = (HOT_EVERY_DAYS - due.lastHotDaysAgo) * HOURS_PER_DAY;
    for (int i = 0; i < plan.rounds().size(); i++) {
      Duration away = Duration.between(question.at(0), plan.rounds().get(i).start());
      if (away.toHours() >= dueH) {
        return i;
      }
    }
    return null;
  }

  private static Optional<Run> place(
      Purpose sort, WeekQuestion question, WeekPlan plan, List<Run> runs, int dueHour) {
    Run best = null;
    int from = Math.max(0, dueHour - NEAR_H);
    int to = Math.min(question.hours() - 1, dueHour + NEAR_H);
    for (int hour = from; hour <= to; hour++) {
      ZonedDateTime start = question.at(hour);
      Run run =
          new Run(sort, start, start.plusMinutes(question.shape().minutes()), question.money(hour));
      if (question.objections(hour).isEmpty()
          && free(run, question, plan, runs)
          && (best == null || run.money < best.money - 1e-9)) {
        best = run;
      }
    }
    return Optional.ofNullable(best);
  }

  private static boolean free(Run run, WeekQuestion question, WeekPlan plan, List<Run> runs) {
    Duration gap = Duration.ofMinutes(question.shape().minutes() % MINUTES_PER_HOUR);
    boolean clear =
        plan.rounds().stream()
            .allMatch(
                r -> !run.start.isBefore(r.hangAt().plus(gap)) || !run.end.isAfter(r.start()));
    return clear
        && runs.stream().allMatch(r -> !run.start.isBefore(r.end) || !run.end.isAfter(r.start));
  }
}
