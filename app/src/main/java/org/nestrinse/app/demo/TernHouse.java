package org.nestrinse.app.demo;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.normal.NormalDayService;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.gather.pail.GatherViews;
import org.nestrinse.app.gather.pail.PailService;
import org.nestrinse.app.kit.household.FirstFacts;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.KindView;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.kit.person.Person;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.kit.place.PlaceService;
import org.nestrinse.app.kit.product.ProductService;
import org.nestrinse.app.presence.WeekSettings;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.core.gather.DayPart;
import org.nestrinse.core.gather.PailStyle;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.shelf.Recipe;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tern House, a made-up three-generation home on a tidal island with hard water. Its facts lie
 * beside this class in {@code tern-house.json}; masses and areas are what such pieces usually weigh
 * and measure.
 */
@Component
class TernHouse {
  private static final String FACTS = "tern-house.json";

  private final HouseholdService household;
  private final FirstFacts first;
  private final PersonService people;
  private final KindService kinds;
  private final ProductService products;
  private final MachineService machine;
  private final DryerService dryers;
  private final PlaceService places;
  private final GatherService gather;
  private final PailService pails;
  private final NormalDayService normal;
  private final WeekSettings week;
  private final ShelfService shelf;
  private final JsonMapper json;

  TernHouse(
      HouseholdService household,
      FirstFacts first,
      PersonService people,
      KindService kinds,
      ProductService products,
      MachineService machine,
      DryerService dryers,
      PlaceService places,
      GatherService gather,
      PailService pails,
      NormalDayService normal,
      WeekSettings week,
      ShelfService shelf,
      JsonMapper json) {
    this.household = household;
    this.first = first;
    this.people = people;
    this.kinds = kinds;
    this.products = products;
    this.machine = machine;
    this.dryers = dryers;
    this.places = places;
    this.gather = gather;
    this.pails = pails;
    this.normal = normal;
    this.week = week;
    this.shelf = shelf;
    this.json = json;
  }

  /** A pail, with its owner by name. */
  record PailFact(String name, PailStyle style, double capacityL, @Nullable String owner) {}

  /** A line of a normal day, with person, kind and pail by name. */
  record HabitFact(String person, String kind, String pail, Soil soil, DayPart part, int count) {}

  /** When a person is there, by name. */
  record TimeFact(String person, List<DayOfWeek> days, LocalTime from, LocalTime to) {}

  /** Everything in the file, in the shapes in which the services take it. */
  @RecordBuilder
  record Facts(
      HouseholdService.Change household,
      List<PersonService.Change> people,
      List<KindService.Change> kinds,
      List<ProductService.Change> products,
      MachineService.Change machine,
      List<MachineService.Change> vessels,
      List<DryerService.Change> dryers,
      List<PlaceService.Change> places,
      List<PailFact> pails,
      List<HabitFact> habits,
      List<TimeFact> times) {}

  /**
   * The numbers of what was set up.
   *
   * @param kinds numbers of kinds by name
   * @param pails numbers of pails by name
   */
  record Set(Map<String, Long> kinds, Map<String, Long> pails) {
    long nursery() {
      return pails.get("Nursery pail");
    }

    long linnet() {
      return pails.get("Linnet's bag");
    }

    long aurel() {
      return pails.get("Aurel's pads");
    }

    long kitchen() {
      return pails.get("Kitchen bin");
    }

    long glass() {
      return pails.get("Glass cloths");
    }

    long basket() {
      return pails.get("Household basket");
    }
  }

  Set setUp() {
    Facts facts = facts();
    household.change(facts.household);
    first.endSetUp();
    household.moveTo(ZoneId.systemDefault().getId());
    Map<String, Long> personByName = new HashMap<>();
    facts.people.forEach(
        p -> {
          long id = people.add(p).id();
          personByName.put(p.name(), id);
        });
    facts.times.forEach(
        t ->
            week.there(
                personByName.get(t.person),
                new WeekSettings.TimeChange(List.copyOf(t.days), t.from, t.to)));
    week.change(new WeekSettings.Change(0, LocalTime.of(22, 0), LocalTime.of(6, 0), 4));
    // The holiday cabin of this house is packed for now and then.
    shelf.wish(Recipe.CABIN.id(), new ShelfService.Wish(1));
    facts.kinds.forEach(kinds::add);
    facts.products.forEach(products::add);
    machine.add(facts.machine);
    facts.vessels.forEach(machine::add);
    facts.dryers.forEach(dryers::add);
    facts.places.forEach(places::add);
    for (PailFact p : facts.pails) {
      Long owner = p.owner == null ? null : personByName.get(p.owner);
      pails.addPail(new PailService.Setup(p.name, p.style, p.capacityL, owner, null));
    }
    return asSetUp();
  }

  /** Returns what was set up on another day; the house now lies where this computer is. */
  Set moveIn() {
    household.moveTo(ZoneId.systemDefault().getId());
    return asSetUp();
  }

  private Set asSetUp() {
    return new Set(
        kinds.all().stream().collect(Collectors.toMap(KindView::name, KindView::id)),
        gather.gathering().pails().stream()
            .collect(Collectors.toMap(GatherViews.Pail::name, GatherViews.Pail::id)));
  }

  /** Tells the normal days of everyone. */
  void tellNormalDays(Set set) {
    Map<String, Long> personByName =
        people.all().stream().collect(Collectors.toMap(Person::name, Person::id));
    for (HabitFact h : facts().habits) {
      normal.addHabit(
          new NormalDayService.HabitChange(
              personByName.get(h.person),
              set.kinds().get(h.kind),
              set.pails().get(h.pail),
              h.soil,
              h.part,
              h.count));
    }
  }

  private Facts facts() {
    try (InputStream file = Objects.requireNonNull(TernHouse.class.getResourceAsStream(FACTS))) {
      return json.readValue(file, Facts.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
