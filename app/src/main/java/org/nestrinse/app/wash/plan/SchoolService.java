package org.nestrinse.app.wash.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.StoredRecords;
import org.nestrinse.app.store.Unreadable;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.wash.school.School;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The ten schools, and those that the household made for itself from any of them. */
@Service
public class SchoolService {
  private static final String OWN = "own-";
  private static final int LONGEST_NAME = 60;
  private static final int LONGEST_DRYING = 200;
  private static final int MOST_OWN = 20;
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final OwnSchoolRepository own;
  private final StoredRecords records;

  private final Speech speech;

  SchoolService(OwnSchoolRepository own, StoredRecords records, Speech speech) {
    this.speech = speech;
    this.own = own;
    this.records = records;
  }

  /**
   * A school as it is shown.
   *
   * @param id short name
   * @param version counts its changes, 0 for one of the ten
   * @param own whether the household made it
   * @param basedOn name of the school that it was made from, or null
   * @param school what it wants
   */
  public record View(String id, long version, boolean own, @Nullable Said basedOn, School school) {}

  /**
   * What is sent to change an own school.
   *
   * @param version counts its changes
   * @param name as shown
   * @param before what comes before the main wash
   * @param firstCelsius temperature of that [°C]
   * @param detergentShare share of the detergent dose in it
   * @param firstWhitenerScoops scoops of whitener in it
   * @param mainCelsius temperature of the main wash [°C]
   * @param mainMinutes how long it should be
   * @param strength dose strength
   * @param whitenerScoops scoops of whitener in the main wash
   * @param enzymes whether it wants enzymes
   * @param form powder or liquid, or null by the textile
   * @param sanitiser whether a sanitising rinse by its label ends it
   * @param vinegar whether a little vinegar goes into the last rinse
   * @param extraRinses rinses more than the programme gives
   * @param spinRpm final spin [rpm]
   * @param drying how it dries, in words
   */
  @RecordBuilder
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      School.@Nullable Before before,
      @Nullable Integer firstCelsius,
      @Nullable Double detergentShare,
      @Nullable Double firstWhitenerScoops,
      @Nullable Integer mainCelsius,
      @Nullable Integer mainMinutes,
      @Nullable Double strength,
      @Nullable Double whitenerScoops,
      School.@Nullable Enzymes enzymes,
      Product.@Nullable Form form,
      @Nullable Boolean sanitiser,
      @Nullable Boolean vinegar,
      @Nullable Integer extraRinses,
      @Nullable Integer spinRpm,
      @Nullable String drying) {}

  /** Returns all schools, the ten first. */
  @Transactional(readOnly = true)
  public List<View> all() {
    List<View> all = new ArrayList<>();
    School.ALL.forEach(s -> all.add(new View(s.id(), 0, false, null, s)));
    own.findByRemovedFalseOrderById().stream()
        .filter(this::readable)
        .forEach(e -> all.add(view(e)));
    return all;
  }

  /** Returns the school with this short name. */
  @Transactional(readOnly = true)
  public School of(String id) {
    return id.startsWith(OWN) ? read(entity(id)) : School.of(id);
  }

  /** Returns names by short name, schools put away included, for the record. */
  @Transactional(readOnly = true)
  public Map<String, Said> names() {
    Map<String, Said> names = new java.util.HashMap<>();
    School.ALL.forEach(s -> names.put(s.id(), s.name()));
    own.findAll().forEach(e -> names.put(OWN + e.id, Said.from(e.name)));
    return names;
  }

  /** Returns how a round of the record was done, by the names of now; a reset is a way too. */
  public static Said name(Map<String, Said> names, String school) {
    return school.equals(PastRound.RESET)
        ? RoundSaying.RESET.said()
        : names.getOrDefault(school, Said.from(school));
  }

  /** Keeps a school under a name of its own. */
  @Transactional
  public View keep(@Nullable String name, School school, String basedOn) {
    if (own.findByRemovedFalseOrderById().size() >= MOST_OWN) {
      throw new StateConflict(RoundSaying.TOO_MANY_OWN);
    }
    OwnSchoolEntity e = new OwnSchoolEntity();
    e.name = freeName(name, null);
    e.basedOn = names().getOrDefault(basedOn, Said.from(basedOn));
    e.school = records.write(RecordType.METHOD, school);
    return view(own.saveAndFlush(e));
  }

  /** Changes an own school; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public View change(String id, Change c) {
    OwnSchoolEntity e = entity(id);
    if (e.version != RequestChecks.whole("version", c.version, VERSION)) {
      throw new Stale(e.name, view(e));
    }
    e.name = freeName(c.name, e.id);
    School before = read(e);
    School school =
        new School(
            before.id(),
            Said.from(e.name),
            before.belief(),
            new School.First(
                RequestChecks.choice("before", c.before, School.Before.class),
                RequestChecks.whole("firstCelsius", c.firstCelsius, Limits.WATER_C),
                RequestChecks.number("detergentShare", c.detergentShare, Limits.PHASE_SHARE),
                RequestChecks.number("firstWhitenerScoops", c.firstWhitenerScoops, School.SCOOPS)),
            new School.Main(
                RequestChecks.whole("mainCelsius", c.mainCelsius, Limits.WATER_C),
                RequestChecks.whole("mainMinutes", c.mainMinutes, School.WASH_MINUTES),
                before.main().by()),
            new School.Chemistry(
                RequestChecks.number("strength", c.strength, Limits.STRENGTH),
                RequestChecks.number("whitenerScoops", c.whitenerScoops, School.SCOOPS),
                RequestChecks.choice("enzymes", c.enzymes, School.Enzymes.class),
                c.form,
                RequestChecks.yesNo("sanitiser", c.sanitiser),
                RequestChecks.yesNo("vinegar", c.vinegar)),
            new School.Finish(
                RequestChecks.whole("extraRinses", c.extraRinses, Limits.RINSES),
                RequestChecks.whole("spinRpm", c.spinRpm, Limits.RPM),
                Said.from(RequestChecks.text("drying", c.drying, LONGEST_DRYING))),
            before.picked());
    e.school = records.write(RecordType.METHOD, school);
    return view(own.saveAndFlush(e));
  }

  /** Puts an own school away; rounds that were washed by it keep its name. */
  @Transactional
  public void putAway(String id) {
    entity(id).removed = true;
  }

  /** Takes an own school out again. */
  @Transactional
  public View takeOut(String id) {
    OwnSchoolEntity e = entity(id);
    e.removed = false;
    return view(own.saveAndFlush(e));
  }

  private String freeName(@Nullable String name, @Nullable Long except) {
    String wanted = RequestChecks.text("name", name, LONGEST_NAME);
    boolean taken =
        School.ALL.stream().anyMatch(s -> speech.isCalled(s.name(), wanted))
            || own.findByRemovedFalseOrderById().stream()
                .anyMatch(e -> e.name.equalsIgnoreCase(wanted) && !e.id.equals(except));
    if (taken) {
      throw new OutOfRange("name", wanted, RoundSaying.A_FREE_NAME);
    }
    return wanted;
  }

  private OwnSchoolEntity entity(String id) {
    String number = id.startsWith(OWN) ? id.substring(OWN.length()) : "";
    if (!number.matches("\\d{1,9}")) {
      throw new OutOfRange("school", id, RoundSaying.OWN_METHOD);
    }
    return own.findById(Long.valueOf(number))
        .orElseThrow(() -> new NotFound(What.METHOD, Long.parseLong(number)));
  }

  private School read(OwnSchoolEntity e) {
    return records
        .read(RecordType.METHOD, e.school, School.class)
        .called(OWN + e.id, Said.from(e.name));
  }

  /** A method that this release cannot read is left out; the others are offered. */
  private boolean readable(OwnSchoolEntity e) {
    try {
      read(e);
      return true;
    } catch (Unreadable | OutOfRange | NullPointerException broken) {
      return false;
    }
  }

  private View view(OwnSchoolEntity e) {
    return new View(OWN + e.id, e.version, true, e.basedOn, read(e));
  }
}
