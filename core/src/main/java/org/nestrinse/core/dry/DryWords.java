package org.nestrinse.core.dry;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** Everything that Dry says: what to carry where, and why. */
public final class DryWords {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm", Locale.ROOT);
  private static final String PLACE = "place";

  private DryWords() {}

  /** What pieces are brought in before. */
  public enum Before {
    RAIN(DrySaying.BRING_IN_BEFORE_RAIN),
    DAMP(DrySaying.BRING_IN_BEFORE_DAMP),
    NIGHT(DrySaying.BRING_IN_BEFORE_NIGHT);

    private final DrySaying bringIn;

    Before(DrySaying bringIn) {
      this.bringIn = bringIn;
    }
  }

  public static Said bringIn(@Nullable Before before, Spot to) {
    return Said.of(before == null ? DrySaying.BRING_IN : before.bringIn).with(PLACE, to.said());
  }

  public static Said out(Spot to) {
    return Said.of(DrySaying.TAKE_OUT).with(PLACE, to.said());
  }

  public static Said hang(Spot to, boolean again, boolean crowded) {
    DrySaying once = crowded ? DrySaying.HANG_CLOSE : DrySaying.HANG;
    DrySaying moved = crowded ? DrySaying.MOVE_CLOSE : DrySaying.MOVE;
    return Said.of(again ? moved : once).with(PLACE, to.said());
  }

  public static Said shade(boolean hot) {
    return (hot ? DrySaying.SHADE_HOT : DrySaying.SHADE_ENOUGH_SUN).said();
  }

  public static Said dryer(Dryer dryer, TumbleDrying run) {
    return Said.of(DrySaying.INTO_DRYER)
        .with("dryer", dryer.name())
        .with("heat", run.heat())
        .with("time", Quantity.of(run.minutes(), Unit.DURATION));
  }

  /** Returns by what a plan was chosen. */
  public static Said weighed(boolean proven) {
    return (proven ? DrySaying.WEIGHED_PROVEN : DrySaying.WEIGHED).said();
  }

  /** Returns an hour of the clock: "14:00". */
  public static String clock(Instant at, ZoneId zone) {
    return CLOCK.format(at.atZone(zone));
  }
}
