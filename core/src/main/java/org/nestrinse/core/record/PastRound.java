package org.nestrinse.core.record;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;

/**
 * A round of the record with its figures and with what was seen of it.
 *
 * @param id number
 * @param startedAt when it began
 * @param school name of its school
 * @param programme of its main wash
 * @param contents what was in it
 * @param dose what went in
 * @param bath how it was washed
 * @param estimate what the estimates say of it
 * @param spent what it took
 * @param seen what people saw of it
 */
public record PastRound(
    long id,
    Instant startedAt,
    String school,
    String programme,
    List<Content> contents,
    Dose dose,
    Bath bath,
    Estimate estimate,
    Spent spent,
    List<Seen> seen) {
  /** The school of a reset, which is a round of its own sort. */
  public static final String RESET = "reset";

  public PastRound {
    contents = List.copyOf(contents);
    seen = List.copyOf(seen);
  }

  /**
   * Pieces of one kind and person.
   *
   * @param kind name of the kind
   * @param person whose they are, or null for the household's
   * @param pieces how many
   * @param massKg their dry mass [kg]
   * @param heldHours how long the oldest had waited [h]
   * @param bulker whether they joined for the main wash only
   */
  public record Content(
      String kind,
      @Nullable String person,
      int pieces,
      double massKg,
      double heldHours,
      boolean bulker) {}

  /**
   * What went in.
   *
   * @param detergentG detergent [g]
   * @param share of what the label asks for this water, soil and mass; null when it cannot be told
   * @param trim the learned correction then
   * @param coats whether a product went in that coats fibre
   * @param words in words
   */
  public record Dose(
      double detergentG, @Nullable Double share, double trim, boolean coats, String words) {}

  /**
   * How it was washed.
   *
   * @param temperatureC set [°C]
   * @param peakC reached [°C]
   * @param rinses after the main wash
   * @param fill of the drum, 1 is full
   * @param hardnessMmolL of the water [mmol/L]
   */
  public record Bath(
      int temperatureC, double peakC, int rinses, double fill, double hardnessMmolL) {}

  /**
   * What the estimates say.
   *
   * @param residueMgKg left [mg/kg]
   * @param residueTargetMgKg wanted at most [mg/kg]
   * @param totalLog hygiene [log₁₀]
   * @param soilLeft share of the worst soil that is left, 0 to 1, or null when it was not estimated
   * @param notRun whether it was ticked off sooner than it can run, so that nothing of this is so
   */
  public record Estimate(
      double residueMgKg,
      double residueTargetMgKg,
      double totalLog,
      @Nullable Double soilLeft,
      boolean notRun) {
    /** Makes the estimate of a round of which no soil was estimated. */
    public Estimate(double residueMgKg, double residueTargetMgKg, double totalLog) {
      this(residueMgKg, residueTargetMgKg, totalLog, null, false);
    }
  }

  /**
   * What it took.
   *
   * @param litres water [L]
   * @param kwh electricity [kWh]
   * @param money in the household's currency
   * @param attendedMinutes with a person [min]
   */
  public record Spent(double litres, double kwh, double money, double attendedMinutes) {}

  /** Returns whether it was an ordinary wash, and not a reset. */
  public boolean washed() {
    return !school.equals(RESET);
  }

  /** Returns how many pieces were in it. */
  public int pieces() {
    return contents.stream().mapToInt(Content::pieces).sum();
  }

  /** Returns how long the piece waited that waited longest [h]; bulkers do not count. */
  public double heldHours() {
    return contents.stream().filter(c -> !c.bulker).mapToDouble(Content::heldHours).max().orElse(0);
  }

  /** Returns whether pieces of this kind were in it. */
  public boolean has(String kind) {
    return contents.stream().anyMatch(c -> c.kind.equals(kind));
  }

  /** Returns the same round with other things seen. */
  public PastRound with(List<Seen> other) {
    return new PastRound(
        id, startedAt, school, programme, contents, dose, bath, estimate, spent, other);
  }

  /**
   * Returns whether a sign was bad: true or false when somebody looked, null when nobody did.
   *
   * @param signs any of these
   */
  public @Nullable Boolean bad(Sign... signs) {
    List<Seen> looked = seen.stream().filter(s -> List.of(signs).contains(s.sign())).toList();
    return looked.isEmpty() ? null : Boolean.valueOf(looked.stream().anyMatch(s -> !s.good()));
  }
}
