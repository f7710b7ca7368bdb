package org.nestrinse.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.pail.LotService;
import org.nestrinse.app.gather.wipes.WipesService;
import org.nestrinse.app.judge.ExperimentService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.KindView;
import org.nestrinse.app.record.ObservationService;
import org.nestrinse.app.reset.ResetPlanner;
import org.nestrinse.app.reset.ResetService;
import org.nestrinse.core.gather.WipesKit;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.reset.ResetRecipe;
import org.springframework.stereotype.Component;

/**
 * The story of the last sixty days: lean dosing in hard water, ammonia mornings in week four, a
 * citrate soak that helps for a round, a dose trim in two steps that cures it, and hot and full
 * washes by the label since. Rounds are counted backwards: 29 is the oldest, 1 the last one on the
 * shelf.
 */
@Component
class TernStory {
  private static final String[] NOTES = {
    "Blew dry by noon.",
    "",
    "Trifolds still damp in the evening.",
    "",
    "",
    "Oskar did the second half.",
    "",
    ""
  };
  private static final String SUNNIVA = "Sunniva";
  private static final String OSKAR = "Oskar";

  /** Until this round everything was washed lean. */
  private static final int LEAN_UNTIL = 7;

  private static final int RESET_AFTER = 15;
  private static final int NEW_BOOSTERS = 4;
  private static final Set<Integer> TRIM_AFTER = Set.of(12, 10);
  private static final Duration MORNING_AFTER = Duration.ofHours(45);

  /** What was seen the morning before the next wash, by round. */
  private static final Map<Integer, List<String>> SEEN =
      Map.ofEntries(
          Map.entry(28, List.of("SMELL_WET.fresh", "DROP 3")),
          Map.entry(26, List.of("SMELL_WET.fresh", "LEAKS.none")),
          Map.entry(24, List.of("SMELL_WET.fresh", "DROP 4")),
          Map.entry(22, List.of("SMELL_WET.fresh", "FEEL.soft")),
          Map.entry(21, List.of("DROP 6")),
          Map.entry(20, List.of("SMELL_WET.fresh", "COLOUR.dull")),
          Map.entry(19, List.of("SMELL_WET.ammonia")),
          Map.entry(18, List.of("SMELL_WET.ammonia", "FEEL.stiff")),
          Map.entry(17, List.of("DROP 14")),
          Map.entry(16, List.of("SMELL_WET.ammonia", "COLOUR.dull", "SUDS.none")),
          Map.entry(15, List.of("SMELL_WET.ammonia")),
          Map.entry(14, List.of("SMELL_WET.fresh", "DROP 5")),
          Map.entry(13, List.of("SMELL_WET.ammonia")),
          Map.entry(12, List.of("SMELL_WET.ammonia", "SUDS.none")),
          Map.entry(11, List.of("SMELL_WET.ammonia")),
          Map.entry(10, List.of("SMELL_WET.ammonia", "SUDS.none")),
          Map.entry(9, List.of("SMELL_WET.fresh", "DROP 4")),
          Map.entry(8, List.of("SMELL_WET.fresh", "SUDS.none")),
          Map.entry(7, List.of("SMELL_WET.fresh", "DROP 2")),
          Map.entry(5, List.of("SMELL_WET.fresh", "FEEL.soft", "SUDS.none")),
          Map.entry(3, List.of("SMELL_WET.fresh", "COLOUR.bright")),
          Map.entry(1, List.of("SMELL_WET.fresh", "DROP 2")));

  private final ObservationService observations;
  private final ExperimentService experiments;
  private final ResetService resets;
  private final KindService kinds;
  private final LotService lots;
  private final WipesService wipes;
  private final TravellingClock clock;

  TernStory(
      ObservationService observations,
      ExperimentService experiments,
      ResetService resets,
      KindService kinds,
      LotService lots,
      WipesService wipes,
      TravellingClock clock) {
    this.observations = observations;
    this.experiments = experiments;
    this.resets = resets;
    this.kinds = kinds;
    this.lots = lots;
    this.wipes = wipes;
    this.clock = clock;
  }

  /** Returns whether a round was washed lean. */
  boolean lean(int round) {
    return round >= LEAN_UNTIL;
  }

  /** Tells what was seen of a round, and what was decided then. */
  void seen(int round, Instant washDay) {
    Instant morning = washDay.plus(MORNING_AFTER);
    int minute = 0;
    for (String said : SEEN.getOrDefault(round, List.of())) {
      ObservationService.Sent sent = sent(said, round % 4 == 1 ? OSKAR : SUNNIVA);
      clock.at(morning.plus(Duration.ofMinutes(minute)), () -> observations.see(sent));
      minute += 3;
    }
    if (round == LEAN_UNTIL) {
      // From now on the full dose of a hot wash: the learned correction is no longer needed.
      clock.doAt(morning.plus(Duration.ofMinutes(20)), experiments::resetTrim);
    }
    if (TRIM_AFTER.contains(round)) {
      clock.doAt(
          morning.plus(Duration.ofMinutes(20)),
          () ->
              experiments.begin(
                  new ExperimentService.Begin(Change.DOSE_UP, Cause.UNDER_DOSED, null)));
    }
  }

  private static ObservationService.Sent sent(String said, String who) {
    if (said.startsWith("DROP ")) {
      double seconds = Double.parseDouble(said.substring(5));
      return new ObservationService.Sent(
          Sign.DROP, null, seconds, Sign.Where.SHELF, null, "bamboo trifold", who, null);
    }
    int dot = said.indexOf('.');
    Sign sign = Sign.valueOf(said.substring(0, dot));
    Sign.Where where =
        sign.where().contains(Sign.Where.USE)
            ? Sign.Where.USE
            : sign.where().contains(Sign.Where.SHELF) ? Sign.Where.SHELF : Sign.Where.WASH;
    String note = said.equals("SMELL_WET.ammonia") ? "Bo's first nappy of the morning" : null;
    return new ObservationService.Sent(
        sign, said.substring(dot + 1), null, where, null, null, who, note);
  }

  /** Soaks what is clean of trifolds and boosters in citrate; returns when it was done, or null. */
  @Nullable Instant reset(int round, Instant washDay) {
    if (round != RESET_AFTER) {
      return null;
    }
    List<ResetPlanner.Pieces> pieces = new ArrayList<>();
    for (KindView k : kinds.all()) {
      boolean soaked = k.name().equals("bamboo trifold") || k.name().equals("hemp booster");
      int count = Math.min(5, k.stock().clean());
      if (soaked && count > 0) {
        pieces.add(new ResetPlanner.Pieces(k.id(), count));
      }
    }
    ResetPlanner.Request request =
        new ResetPlanner.Request(
            ResetRecipe.MINERAL_SOAK,
            "the 12 L bucket",
            12.0,
            List.copyOf(pieces),
            null,
            null,
            null);
    Instant begun = washDay.plus(Duration.ofHours(25));
    var running =
        clock.at(
            begun,
            () -> resets.begin(new ResetService.Begin(request, List.of("reset-bucket"), SUNNIVA)));
    Instant time = begun;
    for (var step : running.steps()) {
      time = time.plus(Duration.ofMinutes(step.minutes()));
      String water = step.asksWater() ? "grey" : null;
      clock.at(time, () -> resets.tick(running.id(), step.number(), new ResetService.Tick(water)));
    }
    return time;
  }

  /** New boosters soak since yesterday evening, and a box of wipes was filled. */
  void newPiecesAndWipes(TernHouse.Set set, Instant now) {
    Instant bought = now.minus(Duration.ofHours(14));
    LotService.NewPieces pieces =
        new LotService.NewPieces(set.kinds().get("bamboo booster"), NEW_BOOSTERS);
    LotService.Lot lot = clock.at(bought, () -> lots.add(pieces));
    clock.at(bought.plus(Duration.ofHours(1)), () -> lots.startSoak(lot.id()));
    clock.at(
        now.minus(Duration.ofHours(30)),
        () -> wipes.fill(1, new WipesService.Filling(WipesKit.Addition.PLAIN, null)));
  }

  /** Returns what somebody wrote about a round, or nothing. */
  static String note(int round) {
    return NOTES[round % NOTES.length];
  }
}
