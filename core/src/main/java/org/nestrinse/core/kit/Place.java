package org.nestrinse.core.kit;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;

/**
 * A place where pieces hang.
 *
 * @param name what the household calls it
 * @param sort what it is
 * @param facing where its sun comes from
 * @param exposure share of both faces that the air reaches: line 0.35, spaced airer 0.25, crowded
 *     airer 0.15
 * @param windFactor share of the forecast wind that reaches the cloth outdoors, 0 to 1
 * @param sunFactor share of the sun that reaches the cloth outdoors, 0 to 1
 * @param roomC temperature indoors [°C]
 * @param roomHumidity relative humidity indoors [%]
 * @param fan whether a fan blows on it indoors
 * @param watts what it draws while something hangs there, a fan or a warm cupboard [W]
 * @param metres room on its lines and rails [m], or null
 * @param pieces room by number, or null; with neither there is room for all
 * @param roomM3 volume of the room it stands in [m³], or null for what is usual
 * @param freshM3H fresh air of that room [m³/h], or null for what is usual
 */
@RecordBuilder
public record Place(
    String name,
    Type sort,
    Facing facing,
    double exposure,
    double windFactor,
    double sunFactor,
    double roomC,
    double roomHumidity,
    boolean fan,
    double watts,
    @Nullable Double metres,
    @Nullable Integer pieces,
    @Nullable Double roomM3,
    @Nullable Double freshM3H) {
  /** Share of the air that reaches pieces hung too close together. */
  public static final double CROWDED_EXPOSURE = 0.15;

  /** How many times its proper load a crowded place takes at most. */
  public static final double CROWDED_ROOM = 1.5;

  private static final double FULL = 1 + 1e-9;

  /** Volumes of rooms. */
  public static final Range ROOM_M3 = new Range(0.2, 500, Unit.CUBIC_METRE);

  /** Fresh air of a room, from a shut cupboard to an open window. */
  public static final Range FRESH_M3_H = new Range(0.5, 2000, Unit.CUBIC_METRE_PER_H);

  private static final double LIVING_ROOM_M3 = 30;
  private static final double LIVING_ROOM_FRESH_M3_H = 15;
  private static final double CUPBOARD_M3 = 1.5;
  private static final double CUPBOARD_FRESH_M3_H = 8;

  /** Makes a place in a room as such rooms usually are. */
  public Place(
      String name,
      Type sort,
      Facing facing,
      double exposure,
      double windFactor,
      double sunFactor,
      double roomC,
      double roomHumidity,
      boolean fan,
      double watts,
      @Nullable Double metres,
      @Nullable Integer pieces) {
    this(
        name,
        sort,
        facing,
        exposure,
        windFactor,
        sunFactor,
        roomC,
        roomHumidity,
        fan,
        watts,
        metres,
        pieces,
        null,
        null);
  }

  /** Room on lines and rails. */
  public static final Range METRES = new Range(0.5, 200, Unit.METRE);

  /** Room by number. */
  public static final Range PIECES = new Range(1, 500, Unit.PIECE);

  /** What a place may draw. */
  public static final Range WATTS = new Range(0, 3000, Unit.WATT);

  /** Shares of wind and sun. */
  public static final Range FACTOR = new Range(0, 1);

  /** What a place is, which decides whether rain and wind reach it. */
  public enum Type implements Saying {
    SUN_LINE(true, false),
    BALCONY(true, true),
    MOVABLE_AIRER(true, false),
    AIRER(false, true),
    AIRING_CUPBOARD(false, true);

    private final boolean outdoors;
    private final boolean covered;

    Type(boolean outdoors, boolean covered) {
      this.outdoors = outdoors;
      this.covered = covered;
    }
  }

  /** Where the sun of a place comes from, with the hours between which it does. */
  public enum Facing implements Saying {
    OPEN(0, 24),
    EAST(5, 12),
    SOUTH(9, 17),
    WEST(12, 22),
    NORTH(0, 0);

    private final int from;
    private final int to;

    Facing(int from, int to) {
      this.from = from;
      this.to = to;
    }

    /** Returns whether the sun reaches it in the hour that begins then, 0 to 23. */
    public boolean sunny(int hour) {
      return hour >= from && hour < to;
    }
  }

  public Place {
    Limits.EXPOSURE.check("exposure", exposure);
    FACTOR.check("windFactor", windFactor);
    FACTOR.check("sunFactor", sunFactor);
    Limits.AIR_C.check("roomC", roomC);
    Limits.HUMIDITY_PERCENT.check("roomHumidity", roomHumidity);
    WATTS.check("watts", watts);
    if (metres != null) {
      METRES.check("metres", metres.doubleValue());
    }
    if (pieces != null) {
      PIECES.check("pieces", pieces.intValue());
    }
    if (roomM3 != null) {
      ROOM_M3.check("roomM3", roomM3.doubleValue());
    }
    if (freshM3H != null) {
      FRESH_M3_H.check("freshM3H", freshM3H.doubleValue());
    }
  }

  /** Returns the volume of its room, as said or as is usual [m³]. */
  public double volumeM3() {
    return roomM3 != null ? roomM3 : sort == Type.AIRING_CUPBOARD ? CUPBOARD_M3 : LIVING_ROOM_M3;
  }

  /** Returns the fresh air of its room, as said or as is usual [m³/h]. */
  public double freshAirM3H() {
    return freshM3H != null
        ? freshM3H
        : sort == Type.AIRING_CUPBOARD ? CUPBOARD_FRESH_M3_H : LIVING_ROOM_FRESH_M3_H;
  }

  /** Returns the share of both faces that the air reaches when it hangs crowded. */
  public double crowdedExposure() {
    return Math.min(exposure, CROWDED_EXPOSURE);
  }

  /** Makes a line in the open, or an airer indoors, with room for all. */
  public Place(
      String name,
      boolean outdoors,
      double exposure,
      double windFactor,
      double sunFactor,
      double roomC,
      double roomHumidity) {
    this(
        name,
        outdoors ? Type.SUN_LINE : Type.AIRER,
        Facing.OPEN,
        exposure,
        windFactor,
        sunFactor,
        roomC,
        roomHumidity,
        false,
        0,
        null,
        null);
  }

  /** Returns whether weather reaches it. */
  public boolean outdoors() {
    return sort.outdoors;
  }

  /** Returns whether rain does not reach it. */
  public boolean covered() {
    return sort.covered;
  }

  /** Returns the same rails carried inside. */
  public Place carriedIn() {
    return PlaceBuilder.builder(this).sort(Type.AIRER).windFactor(0).sunFactor(0).build();
  }

  /** Returns what it is, where its sun comes from, its room and what it draws. */
  public Said said() {
    List<Said> words = new ArrayList<>(List.of(sort.said()));
    if (outdoors()) {
      words.add(facing.said());
    } else {
      words.add(
          Said.of(KitSaying.ROOM_AIR)
              .with("celsius", Quantity.celsius(roomC))
              .with("damp", Quantity.of(roomHumidity, Unit.PERCENT)));
    }
    if (fan) {
      words.add(KitSaying.FAN.said());
    }
    if (metres != null) {
      words.add(Said.of(KitSaying.ROOM_FOR).with("room", new Quantity(metres, Unit.METRE, 1)));
    } else if (pieces != null) {
      words.add(Said.of(KitSaying.ROOM_FOR).with("room", Quantity.of(pieces, Unit.PIECE)));
    }
    if (watts > 0) {
      words.add(Said.of(KitSaying.DRAWS).with("power", Quantity.of(watts, Unit.WATT)));
    }
    return Said.row(words);
  }

  /**
   * Returns the share of its room that one piece of a kind takes, 0 where there is room for all.
   */
  public double share(Kind kind) {
    if (metres != null) {
      return kind.widthM() / metres;
    }
    return pieces == null ? 0 : 1.0 / pieces;
  }

  /** Returns whether these shares of its room together are more than there is. */
  public static boolean overfull(double shares) {
    return shares > FULL;
  }
}
