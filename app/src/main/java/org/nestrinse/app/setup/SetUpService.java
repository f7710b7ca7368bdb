package org.nestrinse.app.setup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.gather.pail.GatherViews;
import org.nestrinse.app.gather.pail.PailService;
import org.nestrinse.app.kit.household.FirstFacts;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindCatalogue;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.KindView;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.kit.person.Person;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.kit.place.PlaceService;
import org.nestrinse.app.kit.product.ProductService;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.core.gather.PailUse;
import org.nestrinse.core.kit.HardnessSign;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.text.Names;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets a house up, step by step; what is set up shows in the house itself, so nothing is lost. */
@Service
class SetUpService {
  private static final Range COUNT = new Range(0, 1000, Unit.PIECE);

  /** What first pails are called, in English. */
  private static final Map<PailUse, String> NAMES =
      Map.of(PailUse.BODY, "Pail", PailUse.HOUSE, "Basket", PailUse.CLOTHS, "Cloth bin");

  private final SetUpCatalogue catalogue;
  private final KindCatalogue kindCatalogue;
  private final HouseholdService households;
  private final FirstFacts first;
  private final PersonService people;
  private final KindService kinds;
  private final MachineService machines;
  private final DryerService dryers;
  private final ProductService products;
  private final PlaceService places;
  private final PailService pails;
  private final GatherService gather;
  private final Speech speech;

  SetUpService(
      SetUpCatalogue catalogue,
      KindCatalogue kindCatalogue,
      HouseholdService households,
      FirstFacts first,
      PersonService people,
      KindService kinds,
      MachineService machines,
      DryerService dryers,
      ProductService products,
      PlaceService places,
      PailService pails,
      GatherService gather,
      Speech speech) {
    this.catalogue = catalogue;
    this.kindCatalogue = kindCatalogue;
    this.households = households;
    this.first = first;
    this.people = people;
    this.kinds = kinds;
    this.machines = machines;
    this.dryers = dryers;
    this.products = products;
    this.places = places;
    this.pails = pails;
    this.gather = gather;
    this.speech = speech;
  }

  /** The five steps, in their order. */
  enum StepName {
    WHO,
    OWN,
    WASHES,
    PUT_IN,
    WATER
  }

  /**
   * A step.
   *
   * @param step which
   * @param done whether the house has something of it
   * @param words what it has, in a few words
   */
  record Step(StepName step, boolean done, Said words) {}

  /**
   * How far the house is set up, and what there is to start from.
   *
   * @param open whether the set-up still goes on
   * @param steps the steps, in their order
   * @param sorts what there is to start from, under the names of this language
   * @param owned how many the house has of the kinds of the catalogue, by name
   * @param hardness what tells the hardness of the water
   * @param pails the pails that are ready
   */
  record SetUp(
      boolean open,
      List<Step> steps,
      SetUpCatalogue.Sorts sorts,
      Map<String, Integer> owned,
      List<Sign> hardness,
      List<String> pails) {}

  /**
   * A sign of hard or soft water.
   *
   * @param sign which
   * @param words what is seen
   * @param strip whether on a strip, and not in a kettle
   * @param mmolL the hardness that is planned with [mmol/L]
   */
  record Sign(HardnessSign sign, Said words, boolean strip, double mmolL) {}

  /** How many of which kinds of the catalogue are owned, as it is sent. */
  record Counted(@Nullable Map<String, @Nullable Integer> counts) {}

  /** The water, as it is sent: a sign or a figure, and how cold it comes. */
  record Water(
      @Nullable HardnessSign sign, @Nullable Double hardnessMmolL, @Nullable Double inletC) {}

  /** Returns how far the house is set up. */
  @Transactional(readOnly = true)
  public SetUp current() {
    List<KindView> owned = kinds.all();
    return new SetUp(
        !first.setUpDone(),
        steps(owned),
        catalogue.in(speech.language()),
        owned.stream()
            .collect(Collectors.toMap(KindView::name, k -> k.stock().owned(), Integer::sum)),
        Arrays.stream(HardnessSign.values())
            .map(s -> new Sign(s, s.said(), s.strip(), s.mmolL()))
            .toList(),
        gather.gathering().pails().stream().map(GatherViews.Pail::name).toList());
  }

  private List<Step> steps(List<KindView> owned) {
    int pieces = owned.stream().mapToInt(k -> k.stock().owned()).sum();
    List<Step> steps = new ArrayList<>();
    steps.add(named(StepName.WHO, people.all().stream().map(Person::name).toList()));
    steps.add(
        new Step(
            StepName.OWN,
            pieces > 0,
            pieces == 0
                ? SetUpSaying.NOT_YET.said()
                : Said.of(SetUpSaying.PIECES).with("pieces", pieces)));
    steps.add(
        named(StepName.WASHES, machines.all().stream().map(m -> m.machine().name()).toList()));
    steps.add(
        named(StepName.PUT_IN, products.all().stream().map(p -> p.product().name()).toList()));
    Household house = households.current();
    int toDry = places.all().size() + dryers.all().size();
    steps.add(
        new Step(
            StepName.WATER,
            first.waterTold(),
            first.waterTold()
                ? Said.of(SetUpSaying.WATER)
                    .with("hardness", new Quantity(house.hardnessMmolL(), Unit.MMOL_PER_L, 1))
                    .with("places", toDry)
                : SetUpSaying.NOT_YET.said()));
    return steps;
  }

  private static Step named(StepName step, List<String> names) {
    return new Step(
        step, !names.isEmpty(), names.isEmpty() ? SetUpSaying.NOT_YET.said() : Said.row(names));
  }

  /**
   * Sets how many of many kinds are owned at once. A kind that is new is taken from the catalogue;
   * none of a kind that is not there changes nothing.
   */
  @Transactional
  public SetUp own(Counted counted) {
    Map<String, @Nullable Integer> counts = counted.counts == null ? Map.of() : counted.counts;
    Map<String, KindCatalogue.Sample> samples =
        kindCatalogue.presets(speech.language()).stream()
            .map(KindCatalogue.Preset::kind)
            .collect(Collectors.toMap(KindCatalogue.Sample::name, Function.identity()));
    Map<String, KindView> here =
        kinds.all().stream().collect(Collectors.toMap(KindView::name, Function.identity()));
    counts.forEach(
        (name, sent) -> {
          int count = RequestChecks.whole("counts", sent, COUNT);
          KindView own = here.get(name);
          KindCatalogue.Sample sample = samples.get(name);
          if (own != null) {
            kinds.own(own.id(), count);
          } else if (sample == null) {
            throw new OutOfRange("counts", name, SetUpSaying.OF_THE_CATALOGUE);
          } else if (count > 0) {
            kinds.add(sample.owned(count));
          }
        });
    return current();
  }

  /** Keeps what is known of the water; what is not sent stays as it is. */
  @Transactional
  public SetUp water(Water water) {
    Double hardness =
        water.sign == null
            ? RequestChecks.optional("hardnessMmolL", water.hardnessMmolL, Limits.HARDNESS_MMOL_L)
            : Double.valueOf(water.sign.mmolL());
    first.tellWater(hardness, water.inletC);
    return current();
  }

  /** Ends the set-up; a house without a pail gets those that what it owns goes into. */
  @Transactional
  public SetUp done() {
    if (gather.gathering().pails().isEmpty()) {
      firstPails();
    }
    first.endSetUp();
    return current();
  }

  private void firstPails() {
    Names names = Names.of(speech.language());
    Set<Bin> bins = kinds.all().stream().map(KindView::bin).collect(Collectors.toSet());
    for (PailUse use : PailUse.needed(bins)) {
      pails.addPail(
          new PailService.Setup(
              names.of(Objects.requireNonNull(NAMES.get(use))),
              use.firstStyle(),
              use.firstLitres(),
              use == PailUse.BODY ? onlyWearer() : null,
              null));
    }
  }

  /** Returns who wears nappies, when there is just one. */
  private @Nullable Long onlyWearer() {
    List<Person> wearers =
        people.all().stream().filter(p -> p.dayBundles() + p.nightBundles() > 0).toList();
    return Optional.of(wearers)
        .filter(w -> w.size() == 1)
        .map(w -> Long.valueOf(w.get(0).id()))
        .orElse(null);
  }
}
