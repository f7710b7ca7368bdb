package org.nestrinse.app.kit.household;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Clock;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.house.HouseFounder;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.store.CommaList;
import org.nestrinse.app.store.Known;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.dry.DryingWishes;
import org.nestrinse.core.dry.SunLimit;
import org.nestrinse.core.gather.NewPieceRule;
import org.nestrinse.core.gather.PailCleaning;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.wash.school.Standing;
import org.springframework.context.event.ContextRefreshedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The facts of the one household of this installation. */
@Service
public class HouseholdService implements HouseFounder {
  private static final int LONGEST_METHOD = 40;
  private static final int LONGEST_NAME = 80;
  private static final Range PRICE = new Range(0, 100);
  static final Range INLET_C = new Range(1, 65, Unit.CELSIUS);

  private final HouseholdRepository households;
  private final Clock clock;

  HouseholdService(HouseholdRepository households, Clock clock) {
    this.households = households;
    this.clock = clock;
  }

  /** What a person sends to change the household; everything is checked. */
  @RecordBuilder
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      @Nullable Double hardnessMmolL,
      @Nullable Double inletC,
      @Nullable Double roomC,
      @Nullable Double dayPerKwh,
      @Nullable Double nightPerKwh,
      @Nullable LocalTime nightFrom,
      @Nullable LocalTime nightTo,
      @Nullable Double waterPerM3,
      @Nullable HygieneGoal goal,
      @Nullable String zone,
      @Nullable Integer wetHours,
      @Nullable CleanerChange cleaner,
      @Nullable Boolean pretendDevices,
      @Nullable Boolean pretendWeather,
      @Nullable Boolean boraxLawful,
      @Nullable DryingChange drying,
      @Nullable String usualMethod,
      @Nullable NewPieceRule newPieces,
      @Nullable Boolean pailsShut) {}

  /** How the household wants to dry, as it is sent. */
  public record DryingChange(
      DryingWishes.@Nullable Tumbling tumbling,
      @Nullable Boolean outdoors,
      @Nullable Boolean afterDark,
      DryingWishes.@Nullable Aim aim,
      @Nullable Integer tripsADay,
      @Nullable SunLimit sun) {}

  /** What pails are wiped with, as it is sent. */
  public record CleanerChange(
      @Nullable String name,
      @Nullable Double percent,
      @Nullable Double targetMgL,
      @Nullable Boolean chlorine) {}

  /** Makes the household with sensible defaults at the first start. */
  @EventListener(ContextRefreshedEvent.class)
  @Transactional
  @Override
  public void found() {
    if (households.count() == 0) {
      households.save(fresh());
    }
  }

  /** Returns the household. */
  @Transactional(readOnly = true)
  public Household current() {
    return view(entity());
  }

  /** Returns words for times around now, in the household's zone. */
  public TimeWords timeWords() {
    return new TimeWords(current().zoneId(), clock.instant());
  }

  /**
   * Changes the facts and returns them; throws {@link Stale} when they changed since {@code
   * version}.
   */
  @Transactional
  public Household change(Change change) {
    HouseholdEntity e = entity();
    long version = RequestChecks.whole("version", change.version, new Range(0, Integer.MAX_VALUE));
    String name = RequestChecks.text("name", change.name, LONGEST_NAME);
    double hardness =
        RequestChecks.number("hardnessMmolL", change.hardnessMmolL, Limits.HARDNESS_MMOL_L);
    double inlet = RequestChecks.number("inletC", change.inletC, INLET_C);
    double room = RequestChecks.number("roomC", change.roomC, new Range(0, 40, Unit.CELSIUS));
    double day = RequestChecks.number("dayPerKwh", change.dayPerKwh, PRICE);
    double night = RequestChecks.number("nightPerKwh", change.nightPerKwh, PRICE);
    double water = RequestChecks.number("waterPerM3", change.waterPerM3, PRICE);
    HygieneGoal goal = RequestChecks.choice("goal", change.goal, HygieneGoal.class);
    if (change.nightFrom == null || change.nightTo == null) {
      throw new OutOfRange(
          change.nightFrom == null ? "nightFrom" : "nightTo",
          Allowed.MISSING,
          Allowed.A_TIME_OF_DAY);
    }
    int wetHours =
        change.wetHours == null
            ? e.wetHours
            : Storage.WET_HOURS.check("wetHours", change.wetHours.intValue());
    PailCleaning.Cleaner cleaner = cleaner(change.cleaner);
    if (change.zone != null && !ZoneId.getAvailableZoneIds().contains(change.zone)) {
      throw new OutOfRange("zone", change.zone, KitRefusal.A_ZONE);
    }
    DryingWishes drying = drying(change.drying, e);
    String method =
        change.usualMethod == null || change.usualMethod.isBlank()
            ? e.usualMethod
            : RequestChecks.text("usualMethod", change.usualMethod, LONGEST_METHOD);
    if (e.version != version) {
      throw new Stale(What.HOUSEHOLD, view(e));
    }
    habits(e, change, drying, cleaner);
    e.wetHours = wetHours;
    e.usualMethod = method;
    e.name = name;
    e.hardnessMmolL = hardness;
    e.inletC = inlet;
    e.roomC = room;
    e.dayPerKwh = day;
    e.nightPerKwh = night;
    e.nightFrom = change.nightFrom;
    e.nightTo = change.nightTo;
    e.waterPerM3 = water;
    e.goal = goal;
    return view(households.saveAndFlush(e));
  }

  /** What is left as it was when it is not sent. */
  private static void habits(
      HouseholdEntity e,
      Change change,
      DryingWishes drying,
      PailCleaning.@Nullable Cleaner cleaner) {
    if (change.zone != null) {
      e.zone = change.zone;
      e.zoneTold = true;
    }
    e.pretendDevices = change.pretendDevices == null ? e.pretendDevices : change.pretendDevices;
    e.pretendWeather = change.pretendWeather == null ? e.pretendWeather : change.pretendWeather;
    e.boraxLawful = change.boraxLawful == null ? e.boraxLawful : change.boraxLawful;
    e.tumbling = drying.tumbling();
    e.dryOutdoors = drying.outdoors();
    e.carryAfterDark = drying.afterDark();
    e.dryAim = drying.aim();
    e.tripsPerDay = drying.tripsADay();
    e.sun = drying.sun();
    e.newPieces = change.newPieces == null ? e.newPieces : change.newPieces;
    e.pailsShut = change.pailsShut == null ? e.pailsShut : change.pailsShut;
    e.cleanerName = cleaner == null ? null : cleaner.name();
    e.cleanerPercent = cleaner == null ? null : Double.valueOf(cleaner.percent());
    e.cleanerMgL = cleaner == null ? null : Double.valueOf(cleaner.targetMgL());
    e.cleanerChlorine = cleaner != null && cleaner.chlorine();
  }

  private static DryingWishes drying(@Nullable DryingChange c, HouseholdEntity e) {
    return c == null
        ? wishes(e)
        : new DryingWishes(
            RequestChecks.choice("drying.tumbling", c.tumbling, DryingWishes.Tumbling.class),
            RequestChecks.yesNo("drying.outdoors", c.outdoors),
            RequestChecks.yesNo("drying.afterDark", c.afterDark),
            RequestChecks.choice("drying.aim", c.aim, DryingWishes.Aim.class),
            RequestChecks.whole("drying.tripsADay", c.tripsADay, DryingWishes.TRIPS),
            c.sun == null ? e.sun : c.sun);
  }

  private static DryingWishes wishes(HouseholdEntity e) {
    return new DryingWishes(
        Known.or(e.tumbling, DryingWishes.Tumbling.AS_NEEDED),
        e.dryOutdoors,
        e.carryAfterDark,
        Known.or(e.dryAim, DryingWishes.Aim.BALANCED),
        e.tripsPerDay,
        Known.or(e.sun, SunLimit.LIMITED));
  }

  private static PailCleaning.@Nullable Cleaner cleaner(@Nullable CleanerChange c) {
    return c == null
        ? null
        : new PailCleaning.Cleaner(
            RequestChecks.text("cleaner.name", c.name, LONGEST_NAME),
            RequestChecks.number("cleaner.percent", c.percent, Dilution.PERCENT),
            RequestChecks.number("cleaner.targetMgL", c.targetMgL, Dilution.TARGET_MG_L),
            RequestChecks.yesNo("cleaner.chlorine", c.chlorine));
  }

  /** Moves the household to a time zone; throws {@link StateConflict} for an unknown one. */
  @Transactional
  public void moveTo(String zone) {
    if (!ZoneId.getAvailableZoneIds().contains(zone)) {
      throw new StateConflict(Said.of(KitRefusal.NO_ZONE).with("zone", zone));
    }
    HouseholdEntity e = entity();
    e.zone = zone;
    e.zoneTold = true;
  }

  /** Returns whether somebody set the time zone of the household. */
  @Transactional(readOnly = true)
  public boolean zoneTold() {
    return entity().zoneTold;
  }

  /** Returns what the household does otherwise in every routine. */
  @Transactional(readOnly = true)
  public Set<Standing> standing() {
    return standing(entity());
  }

  private static Set<Standing> standing(HouseholdEntity e) {
    return Set.copyOf(CommaList.known(e.standing));
  }

  /** Begins, or ends, doing something otherwise in every routine. */
  @Transactional
  public void standing(Standing what, boolean on) {
    HouseholdEntity e = entity();
    Set<Standing> all = new TreeSet<>(standing(e));
    if (on) {
      all.add(what);
    } else {
      all.remove(what);
    }
    e.standing = List.copyOf(all);
  }

  /** Sets how long wet pieces may wait [h]. */
  @Transactional
  public void waitAtMost(int wetHours) {
    entity().wetHours = Storage.WET_HOURS.check("wetHours", wetHours);
  }

  HouseholdEntity entity() {
    return households.findAll().stream().findFirst().orElseThrow();
  }

  private static HouseholdEntity fresh() {
    HouseholdEntity e = new HouseholdEntity();
    e.name = "Our house";
    e.zone = ZoneId.systemDefault().getId();
    e.hardnessMmolL = 2.0;
    e.inletC = 12;
    e.roomC = 19;
    e.dayPerKwh = 0.30;
    e.nightPerKwh = 0.30;
    e.nightFrom = LocalTime.of(0, 30);
    e.nightTo = LocalTime.of(5, 30);
    e.waterPerM3 = 4;
    e.goal = HygieneGoal.LIGHT;
    e.trim = 1;
    return e;
  }

  static Household view(HouseholdEntity e) {
    return HouseholdBuilder.builder()
        .version(e.version)
        .name(e.name)
        .zone(e.zone)
        .hardnessMmolL(e.hardnessMmolL)
        .inletC(e.inletC)
        .roomC(e.roomC)
        .dayPerKwh(e.dayPerKwh)
        .nightPerKwh(e.nightPerKwh)
        .nightFrom(e.nightFrom)
        .nightTo(e.nightTo)
        .waterPerM3(e.waterPerM3)
        .goal(Known.or(e.goal, HygieneGoal.EXTRA_CARE))
        .trim(e.trim)
        .wetHours(e.wetHours)
        .cleaner(
            e.cleanerName == null || e.cleanerPercent == null || e.cleanerMgL == null
                ? null
                : new PailCleaning.Cleaner(
                    e.cleanerName, e.cleanerPercent, e.cleanerMgL, e.cleanerChlorine))
        .pretendDevices(e.pretendDevices)
        .pretendWeather(e.pretendDevices && e.pretendWeather)
        .boraxLawful(e.boraxLawful)
        .drying(wishes(e))
        .usualMethod(e.usualMethod)
        .newPieces(Known.or(e.newPieces, NewPieceRule.FIBRE))
        .pailsShut(e.pailsShut)
        .build();
  }
}
