package org.nestrinse.app.record;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.record.Ledger;
import org.nestrinse.core.record.Maintenance;
import org.nestrinse.core.record.Stretch;
import org.nestrinse.core.why.Why;

/** What the record shows. */
final class RecordViews {
  private RecordViews() {}

  /**
   * The picture of the record.
   *
   * @param from since when
   * @param to until when
   * @param rounds oldest first
   * @param loose what was seen and belongs to none of them
   * @param maintenance whether the machine is due
   */
  record Story(
      Instant from,
      Instant to,
      List<StoryRound> rounds,
      List<ObservationService.Observation> loose,
      Maintenance maintenance) {}

  /**
   * A round in the picture.
   *
   * @param id number
   * @param startedAt when it began
   * @param day in a word
   * @param school its school
   * @param temperatureC set
   * @param peakC reached
   * @param rinses after the main wash
   * @param fill of the drum
   * @param detergentG detergent [g]
   * @param doseShare of what the label asks, or null
   * @param trim the learned correction then
   * @param hardnessMmolL of the water then
   * @param residueMgKg by the estimate
   * @param residueTargetMgKg wanted
   * @param totalLog germs by the estimate, never more than is claimed
   * @param soilLeft share of the worst soil that was left, or null
   * @param notRun whether it was ticked off sooner than it can run
   * @param dropSeconds of the slowest water drop, or null
   * @param smell whether it smelled; null when nobody sniffed
   * @param suds whether suds were seen; null when nobody looked
   * @param changes what was done otherwise than the time before
   * @param seen what was seen of it
   */
  record StoryRound(
      long id,
      Instant startedAt,
      String day,
      String school,
      int temperatureC,
      double peakC,
      int rinses,
      double fill,
      double detergentG,
      @Nullable Double doseShare,
      double trim,
      double hardnessMmolL,
      double residueMgKg,
      double residueTargetMgKg,
      double totalLog,
      @Nullable Double soilLeft,
      boolean notRun,
      @Nullable Double dropSeconds,
      @Nullable Boolean smell,
      @Nullable Boolean suds,
      List<String> changes,
      List<ObservationService.Observation> seen) {}

  /** Two stretches side by side. */
  record Beside(int before, int after, List<MeasureLine> lines) {}

  /**
   * A measure of both stretches.
   *
   * @param name as shown
   * @param before of the first, in words
   * @param after of the second, in words
   * @param verdict how they compare; empty when it cannot be told
   * @param better what of it is better
   */
  record MeasureLine(
      String name, String before, String after, String verdict, Stretch.Better better) {}

  /**
   * What it all takes.
   *
   * @param months the latest first
   * @param persons the dearest first
   * @param kinds the dearest use first
   * @param products what was used and what is left
   * @param whys reasons, by "month.2026-05", "person.Bo", "kind.trifold"
   */
  record Costs(
      List<CostLine> months,
      List<CostLine> persons,
      List<CostLine> kinds,
      List<ProductLine> products,
      Map<String, Why> whys) {}

  /**
   * What a month, a person or a kind took.
   *
   * @param id such as "2026-05", "Bo", "trifold"; empty for the household's own
   * @param name as shown
   * @param sum what it took
   * @param moneyPerUse for one piece washed
   */
  record CostLine(String id, String name, Ledger.Sum sum, double moneyPerUse) {
    CostLine(String id, String name, Ledger.Sum sum) {
      this(id, name, sum, sum.moneyPerUse());
    }
  }

  /**
   * A product.
   *
   * @param name its name
   * @param usedG in the last four weeks [g]
   * @param leftG what is left [g]
   * @param daysLeft at that rate, or null when it cannot be told
   */
  record ProductLine(String name, double usedG, double leftG, @Nullable Double daysLeft) {}
}
