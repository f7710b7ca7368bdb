package org.nestrinse.app.gather.wipes;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherRefusal;
import org.nestrinse.app.gather.GatherSaying;
import org.nestrinse.app.gather.normal.NormalDayService;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.KindView;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.gather.WipesKit;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Wet wipes in two boxes that take turns. */
@Service
public class WipesService {
  private static final int USUAL_PER_DAY = 10;
  private static final Range BOX = new Range(1, WipesKit.BOXES);

  private final WipesBoxRepository boxes;
  private final NormalDayService normal;
  private final KindService kinds;
  private final HouseholdService households;
  private final Clock clock;

  WipesService(
      WipesBoxRepository boxes,
      NormalDayService normal,
      KindService kinds,
      HouseholdService households,
      Clock clock) {
    this.boxes = boxes;
    this.normal = normal;
    this.kinds = kinds;
    this.households = households;
    this.clock = clock;
  }

  /** What is sent when a box was filled. */
  public record Filling(WipesKit.@Nullable Addition addition, @Nullable Boolean read) {}

  /**
   * A box.
   *
   * @param number 1 or 2
   * @param filledWords when it was filled, in words; null when it is empty
   * @param goodUntilWords until when it is good, in words
   * @param over whether that has passed
   * @param addition what is in the water
   * @param additionWords in words
   */
  public record Box(
      int number,
      @Nullable Said filledWords,
      @Nullable Said goodUntilWords,
      boolean over,
      WipesKit.Addition addition,
      Said additionWords) {}

  /**
   * The kit.
   *
   * @param kind the kind of wipe; null when the household has none
   * @param pieces wipes for one box
   * @param waterMl water for it, to the marker [mL]
   * @param boxes both boxes
   * @param oilCaution what must be read before oil is used
   * @param why how pieces and water are reckoned
   */
  public record Kit(
      @Nullable String kind,
      int pieces,
      int waterMl,
      List<Box> boxes,
      Said oilCaution,
      @Nullable Why why) {}

  /** Returns the kit. */
  @Transactional(readOnly = true)
  public Kit kit() {
    List<Box> both = new ArrayList<>();
    for (int number = 1; number <= WipesKit.BOXES; number++) {
      both.add(box(number));
    }
    Said caution = WipesKit.Addition.OIL.caution();
    Optional<Kind> wipe = wipe();
    if (wipe.isEmpty()) {
      return new Kit(null, 0, 0, both, caution, null);
    }
    WipesKit kit = WipesKit.of(wipe.get(), perDay());
    Why why =
        Why.of(
                Said.of(GatherSaying.WIPES_TITLE)
                    .with("pieces", kit.pieces())
                    .with("kind", wipe.get().name()),
                GatherSaying.WIPES)
            .line(GatherSaying.USED_A_DAY, perDay())
            .line(GatherSaying.DAYS, (int) WipesKit.KEEPS.toDays())
            .line(GatherSaying.ONE_WIPE, new Quantity(wipe.get().massKg() * 1000, Unit.GRAM, 1))
            .total(GatherSaying.WATER_TO_MARK, Quantity.of(kit.waterMl(), Unit.MILLILITRE))
            .by(Model.WIPES, WhySource.OWN_FIGURES);
    return new Kit(wipe.get().name(), kit.pieces(), kit.waterMl(), both, caution, why);
  }

  /**
   * Marks a box as filled now. Oil wants its caution to be read; {@link StateConflict} tells it
   * otherwise.
   */
  @Transactional
  public Kit fill(int number, Filling filling) {
    BOX.check("number", number);
    WipesKit.Addition addition =
        RequestChecks.choice("addition", filling.addition, WipesKit.Addition.class);
    Kind wipe = wipe().orElseThrow(() -> new StateConflict(GatherRefusal.NO_WIPES));
    if (!addition.caution().nothing() && !Boolean.TRUE.equals(filling.read)) {
      throw new StateConflict(addition.caution());
    }
    WipesBoxEntity e = boxes.findById(number).orElseGet(WipesBoxEntity::new);
    e.number = number;
    e.kindId = wipe.id();
    e.pieces = WipesKit.of(wipe, perDay()).pieces();
    e.addition = addition;
    e.filledAt = clock.instant();
    boxes.saveAndFlush(e);
    return kit();
  }

  private Box box(int number) {
    TimeWords words = households.timeWords();
    WipesBoxEntity e = boxes.findById(number).orElseGet(WipesBoxEntity::new);
    Instant until = e.filledAt == null ? null : WipesKit.goodUntil(e.filledAt);
    return new Box(
        number,
        e.filledAt == null ? null : words.at(e.filledAt),
        until == null ? null : words.at(until),
        until != null && until.isBefore(clock.instant()),
        e.addition,
        e.addition.said());
  }

  /** The household's wipes: the kind of which there are most. */
  private Optional<Kind> wipe() {
    return kinds.all().stream()
        .filter(k -> k.role() == Role.WIPE)
        .max(Comparator.comparingInt((KindView k) -> k.stock().owned()))
        .map(k -> kinds.one(k.id()));
  }

  private int perDay() {
    java.util.Map<Long, Kind> byId = kinds.byId();
    int habits =
        normal.all().stream()
            .filter(h -> byId.get(h.kindId()).role() == Role.WIPE)
            .mapToInt(h -> h.count())
            .sum();
    return habits == 0 ? USUAL_PER_DAY : (int) Math.min(habits, WipesKit.PER_DAY.max());
  }
}
