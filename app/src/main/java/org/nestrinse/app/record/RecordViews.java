package org.nestrinse.app.record;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.record.Ledger;
import org.nestrinse.core.record.Maintenance;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.record.Stretch;
import org.nestrinse.core.said.Said;
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
   * @param schoolName what it is called
   * @param figures what is known of it in figures; germs never more than is claimed
   * @param dropSeconds of the slowest water drop, or null
   * @param smell whether it smelled; null when nobody sniffed
   * @param suds whether suds were seen; null when nobody looked
   * @param changes what was done differently from the time before
   * @param seen what was seen of it
   */
  @RecordBuilder
  record StoryRound(
      long id,
      Instant startedAt,
      Said day,
      String school,
      Said schoolName,
      RoundFigures figures,
      @Nullable Double dropSeconds,
      @Nullable Boolean smell,
      @Nullable Boolean suds,
      List<Said> changes,
      List<ObservationService.Observation> seen) {}

  /** Two stretches side by side. */
  record Beside(int before, int after, List<MeasureLine> lines) {}

  /**
   * A measure of both stretches.
   *
   * @param name as shown
   * @param before of the first, in words
   * @param after of the second, in words
   * @param verdict how they compare; empty when it is unknown
   * @param better which direction is better
   */
  record MeasureLine(Said name, Said before, Said after, Said verdict, Stretch.Better better) {}

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
  record CostLine(String id, Said name, Ledger.Sum sum, double moneyPerUse) {
    CostLine(String id, Said name, Ledger.Sum sum) {
      this(id, name, sum, sum.moneyPerUse());
    }
  }

  /**
   * A product.
   *
   * @param name its name
   * @param usedG in the last four weeks [g]
   * @param leftG what is left [g]
   * @param daysLeft at that rate, or null when it is unknown
   */
  record ProductLine(String name, double usedG, double leftG, @Nullable Double daysLeft) {}
}
