package org.nestrinse.app.rhythm;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.snapshot.SnapshotReader;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.household.CoverOutlook;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Until when each need is covered, in words and with its reasons. */
@Service
public class CoverService {
  private final SnapshotReader houses;
  private final HouseholdService households;

  CoverService(SnapshotReader houses, HouseholdService households) {
    this.houses = houses;
    this.households = households;
  }

  /**
   * How each need is covered.
   *
   * @param lines need by need
   * @param whys reasons by need
   */
  public record Covered(List<Lasting> lines, Map<String, Why> whys) {}

  /**
   * How one need is covered.
   *
   * @param need what is used
   * @param name what it is called
   * @param clean how many are clean
   * @param comingBack how many hang or wash
   * @param cleanUntil how long the clean ones last
   * @param until how long they last with what comes back
   * @param words the same, near now
   * @param shortSoon whether one is missing within two days
   * @param remedy the cheapest thing to do about it, or null
   */
  @RecordBuilder
  public record Lasting(
      String need,
      Said name,
      int clean,
      int comingBack,
      Instant cleanUntil,
      Instant until,
      Said words,
      boolean shortSoon,
      @Nullable Said remedy) {}

  /** Returns how each need is covered. */
  @Transactional(readOnly = true)
  public Covered covered() {
    TimeWords words = households.timeWords();
    List<Lasting> lines = new ArrayList<>();
    Map<String, Why> whys = new LinkedHashMap<>();
    for (CoverOutlook.Lasting l : CoverOutlook.of(houses.now())) {
      Lasting line = shown(l, words);
      lines.add(line);
      whys.put(line.need(), why(line, l, words));
    }
    return new Covered(lines, whys);
  }

  private static Lasting shown(CoverOutlook.Lasting l, TimeWords words) {
    return CoverServiceLastingBuilder.builder()
        .need(l.supply().need().name())
        .name(l.supply().need().said())
        .clean(l.supply().clean().stock())
        .comingBack(l.comingBack())
        .cleanUntil(l.cleanUntil())
        .until(l.until())
        .words(words.at(l.until()))
        .shortSoon(l.shortSoon())
        .remedy(l.remedy() == null ? null : remedy(l.remedy(), words))
        .build();
  }

  private static Said remedy(Cover.Remedy r, TimeWords words) {
    return Said.of(RhythmSaying.REMEDY_WORDS)
        .with("what", r.words())
        .with("count", r.count())
        .with("ready", words.at(r.ready().toInstant()))
        .with("money", new Quantity(r.cost(), Unit.MONEY, 2));
  }

  private static Why why(Lasting line, CoverOutlook.Lasting l, TimeWords words) {
    Why.Builder why =
        Why.of(
                Said.of(RhythmSaying.UNTIL).with("need", line.name()).with("when", line.words()),
                RhythmSaying.COVER)
            .line(RhythmSaying.CLEAN_NOW, line.clean())
            .line(RhythmSaying.NORMAL_DAY, l.supply().clean().perDay())
            .line(RhythmSaying.CLEAN_UNTIL, words.at(line.cleanUntil()));
    for (Cover.Arrival a : l.supply().arrivals()) {
      why.line(
          Said.of(RhythmSaying.COMES_BACK).with("when", words.at(a.at().toInstant())), a.count());
    }
    why.total(RhythmSaying.MISSING_FROM, line.words());
    if (line.remedy() != null) {
      why.line(RhythmSaying.REMEDY, line.remedy());
    }
    return why.by(Model.ENOUGH_UNTIL);
  }
}
