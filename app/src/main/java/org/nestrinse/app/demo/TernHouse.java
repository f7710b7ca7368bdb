package org.nestrinse.app.demo;

import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherService;
import org.nestrinse.app.gather.PailStyle;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.KindView;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.kit.PersonService;
import org.nestrinse.app.kit.PlaceService;
import org.nestrinse.app.kit.ProductService;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.kit.Product.Form;
import org.nestrinse.core.kit.Product.Purpose;
import org.nestrinse.core.kit.Programme.Use;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Role;
import org.springframework.stereotype.Component;

/**
 * Tern House, a made-up three-generation home on a tidal island with hard water: its people,
 * textiles, machine, products, pails and places. Masses and areas are what such pieces usually
 * weigh and measure.
 */
@Component
class TernHouse {
  private static final double LAMINATE_SHELL_KG = 0.045;

  private final HouseholdService household;
  private final PersonService people;
  private final KindService kinds;
  private final ProductService products;
  private final MachineService machine;
  private final PlaceService places;
  private final GatherService gather;

  TernHouse(
      HouseholdService household,
      PersonService people,
      KindService kinds,
      ProductService products,
      MachineService machine,
      PlaceService places,
      GatherService gather) {
    this.household = household;
    this.people = people;
    this.kinds = kinds;
    this.products = products;
    this.machine = machine;
    this.places = places;
    this.gather = gather;
  }

  /**
   * The numbers of what was set up.
   *
   * @param kinds numbers of kinds by name
   * @param nursery Bo's pail
   * @param linnet Linnet's bag
   * @param aurel Aurel's pail
   * @param kitchen kitchen bin
   * @param glass glass cloths
   * @param basket household basket
   */
  record Set(
      Map<String, Long> kinds,
      long nursery,
      long linnet,
      long aurel,
      long kitchen,
      long glass,
      long basket) {}

  Set setUp() {
    facts();
    people.add(person("Sunniva", "grandmother, runs the washes", false, 0, 0, 0));
    people.add(person("Oskar", "home helper, three evenings a week", false, 0, 0, 0));
    long bo = people.add(person("Bo", "8 months, cloth day and night", false, 6, 1, 0)).id();
    long linnet = people.add(person("Linnet", "2½, night nappy, eczema-prone", true, 0, 1, 0)).id();
    long aurel = people.add(person("Aurel", "81, bed pads and towels", false, 0, 0, 2)).id();
    textiles();
    shelfOfProducts();
    machine.change(machine());
    places.add(new Place("sun line", true, 0.35, 1, 1, 19, 60));
    places.add(new Place("airer indoors", false, 0.25, 0, 0, 19, 58));
    Map<String, Long> byName =
        kinds.all().stream().collect(Collectors.toMap(KindView::name, KindView::id));
    return new Set(
        byName,
        pail("Nursery pail", PailStyle.DRY_PAIL, 42, bo),
        pail("Linnet's bag", PailStyle.OPEN_BAG, 12, linnet),
        pail("Aurel's pads", PailStyle.DRY_PAIL, 30, aurel),
        pail("Kitchen bin", PailStyle.SORTED_BIN, 14, null),
        pail("Glass cloths", PailStyle.SORTED_BIN, 12, null),
        pail("Household basket", PailStyle.BASKET, 50, null));
  }

  private void facts() {
    int version = (int) household.current().version();
    household.change(
        new HouseholdService.Change(
            version,
            "Tern House",
            3.1,
            11.0,
            19.0,
            0.31,
            0.17,
            LocalTime.of(0, 30),
            LocalTime.of(5, 30),
            4.6,
            HygieneGoal.LIGHT));
    household.moveTo(ZoneId.systemDefault().getId());
  }

  private static PersonService.Change person(
      String name, String about, boolean sensitive, int days, int nights, int pads) {
    return new PersonService.Change(null, name, about, sensitive, false, false, days, nights, pads);
  }

  private long pail(String name, PailStyle style, double litres, @Nullable Long person) {
    return gather.addPail(new GatherService.NewPail(name, style, litres, person));
  }

  private void textiles() {
    kind(
        "bamboo trifold",
        Role.INSERT,
        Bin.BODY,
        20,
        0.060,
        false,
        body(Material.BAMBOO_VISCOSE, 0.055));
    kind("cotton prefold", Role.INSERT, Bin.BODY, 12, 0.090, false, body(Material.COTTON, 0.070));
    kind(
        "hemp booster",
        Role.BOOSTER,
        Bin.BODY,
        14,
        0.035,
        false,
        body(Material.HEMP_COTTON, 0.030));
    kind(
        "bamboo booster",
        Role.BOOSTER,
        Bin.BODY,
        10,
        0.035,
        false,
        body(Material.BAMBOO_VISCOSE, 0.028));
    kind(
        "pocket shell",
        Role.SHELL,
        Bin.BODY,
        24,
        0.110,
        false,
        elastic("shell", Material.LAMINATE, LAMINATE_SHELL_KG),
        part("lining", Material.POLYESTER_FLEECE, 0.030));
    kind(
        "fitted night nappy",
        Role.NIGHT_FITTED,
        Bin.BODY,
        9,
        0.140,
        false,
        elastic("body", Material.BAMBOO_VISCOSE, 0.110),
        part("booster", Material.HEMP_COTTON, 0.030));
    kind(
        "nappy cover",
        Role.COVER,
        Bin.BODY,
        6,
        0.110,
        false,
        elastic("shell", Material.LAMINATE, 0.050));
    kind("wool cover", Role.COVER, Bin.BODY, 3, 0.120, false, body(Material.WOOL, 0.110));
    kind(
        "fleece liner",
        Role.LINER,
        Bin.BODY,
        24,
        0.040,
        false,
        body(Material.POLYESTER_FLEECE, 0.012));
    kind("cotton wipe", Role.WIPE, Bin.BODY, 40, 0.040, true, body(Material.COTTON, 0.010));
    kind("wet bag", Role.WET_BAG, Bin.BODY, 4, 0.160, false, body(Material.LAMINATE, 0.070));
    kind(
        "bed pad",
        Role.BED_PAD,
        Bin.BODY,
        8,
        0.600,
        false,
        part("top", Material.COTTON, 0.220),
        part("core", Material.POLYCOTTON, 0.110),
        part("back", Material.LAMINATE, 0.120));
    kind("bath towel", Role.TOWEL, Bin.HOUSE, 8, 0.900, false, body(Material.COTTON, 0.480));
    kind("hand towel", Role.TOWEL, Bin.HOUSE, 30, 0.280, true, body(Material.COTTON, 0.140));
    kind("muslin", Role.CLOTH, Bin.HOUSE, 18, 0.490, true, body(Material.COTTON, 0.060));
    kind("bib", Role.CLOTH, Bin.HOUSE, 14, 0.080, true, body(Material.COTTON, 0.045));
    kind("baby vest", Role.CLOTHES, Bin.HOUSE, 16, 0.120, true, body(Material.COTTON, 0.060));
    kind("sleepsuit", Role.CLOTHES, Bin.HOUSE, 12, 0.220, false, body(Material.COTTON, 0.120));
    kind("cot sheet", Role.BEDDING, Bin.HOUSE, 5, 0.800, false, body(Material.COTTON, 0.200));
    kind("bed sheet", Role.BEDDING, Bin.HOUSE, 6, 2.400, false, body(Material.POLYCOTTON, 0.520));
    kind(
        "mattress protector",
        Role.BEDDING,
        Bin.HOUSE,
        3,
        1.400,
        false,
        part("top", Material.COTTON, 0.260),
        elastic("back", Material.LAMINATE, 0.200));
    kind("dish cloth", Role.CLOTH, Bin.KITCHEN, 24, 0.090, true, body(Material.COTTON, 0.045));
    kind("tea towel", Role.CLOTH, Bin.KITCHEN, 16, 0.350, true, body(Material.LINEN, 0.070));
    kind("glass cloth", Role.CLOTH, Bin.GLASS, 16, 0.160, true, body(Material.MICROFIBRE, 0.048));
    kind(
        "bathroom cloth",
        Role.CLOTH,
        Bin.BATHROOM,
        12,
        0.160,
        true,
        body(Material.MICROFIBRE, 0.050));
    kind("mop head", Role.CLOTH, Bin.BATHROOM, 4, 0.080, false, body(Material.MICROFIBRE, 0.130));
  }

  private void kind(
      String name,
      Role role,
      Bin bin,
      int owned,
      double areaM2,
      boolean small,
      KindService.PartChange... parts) {
    kinds.add(
        new KindService.Change(null, name, role, bin, List.of(parts), areaM2, small, null, owned));
  }

  private static KindService.PartChange body(Material material, double massKg) {
    return part("body", material, massKg);
  }

  private static KindService.PartChange part(String name, Material material, double massKg) {
    return new KindService.PartChange(name, material, massKg, false);
  }

  private static KindService.PartChange elastic(String name, Material material, double massKg) {
    return new KindService.PartChange(name, material, massKg, true);
  }

  private void shelfOfProducts() {
    detergent("bio powder", Form.POWDER, true, 60, 0.75, 8.4, 2000);
    detergent("non-bio powder", Form.POWDER, false, 60, 0.75, 7.9, 1800);
    detergent("scent-free liquid", Form.LIQUID, false, 35, 1.05, 6.8, 1500);
    detergent("cloth liquid", Form.LIQUID, false, 20, 1.02, 9.5, 1000);
    products.add(
        new ProductService.Change(
            null,
            "oxygen whitener",
            Purpose.OXYGEN_WHITENER,
            Form.POWDER,
            false,
            false,
            false,
            true,
            row(36, 36, 36),
            row(36, 36, 36),
            4.5,
            72.0,
            40.0,
            0.9,
            5.9,
            1000.0));
    other("sanitising rinse", Purpose.SANITISER, Form.LIQUID, 1.0, 6.2, 1500);
    other("washing soda", Purpose.OTHER, Form.POWDER, 0.9, 2.1, 1000);
    other("citrate softener salt", Purpose.OTHER, Form.POWDER, 0.8, 7.0, 1000);
    other("white vinegar 5 %", Purpose.OTHER, Form.LIQUID, 1.0, 1.2, 1000);
  }

  private void detergent(
      String name,
      Form form,
      boolean enzymes,
      double scoopMl,
      double density,
      double price,
      double packG) {
    products.add(
        new ProductService.Change(
            null,
            name,
            Purpose.DETERGENT,
            form,
            enzymes,
            false,
            false,
            false,
            row(45, 60, 80),
            row(60, 75, 95),
            4.5,
            170.0,
            scoopMl,
            density,
            price,
            packG));
  }

  private void other(
      String name, Purpose purpose, Form form, double density, double price, double packG) {
    products.add(
        new ProductService.Change(
            null,
            name,
            purpose,
            form,
            false,
            false,
            false,
            false,
            row(60, 60, 60),
            row(60, 60, 60),
            4.5,
            null,
            30.0,
            density,
            price,
            packG));
  }

  private static ProductService.RowChange row(double soft, double medium, double hard) {
    return new ProductService.RowChange(soft, medium, hard);
  }

  private static MachineService.Change machine() {
    return new MachineService.Change(
        null,
        "the front loader",
        54.0,
        7.0,
        0.235,
        2000.0,
        List.of(
            programme("Quick rinse", Use.RINSE, List.of(0), 0, 0, Agitation.NORMAL, 1, 0, 1400),
            programme(
                "Short 38", Use.WASH, List.of(20, 30, 40, 60), 0, 20, Agitation.NORMAL, 1, 1, 1200),
            programme(
                "Easy care", Use.WASH, List.of(30, 40, 60), 0, 62, Agitation.NORMAL, 2, 1, 1000),
            programme(
                "Cottons long",
                Use.WASH,
                List.of(40, 60, 90),
                0,
                130,
                Agitation.NORMAL,
                2,
                2,
                1400),
            programme(
                "Cottons saver", Use.WASH, List.of(40, 60), 8, 165, Agitation.NORMAL, 2, 1, 1400),
            programme(
                "Delicates", Use.WASH, List.of(20, 30, 40), 0, 35, Agitation.GENTLE, 2, 1, 800),
            programme("Wool", Use.WOOL, List.of(20, 30), 0, 32, Agitation.GENTLE, 2, 0, 800),
            programme(
                "Steam care", Use.STEAM, List.of(90), 0, 140, Agitation.INTENSIVE, 3, 1, 1400),
            programme("Spin", Use.SPIN, List.of(0), 0, 0, Agitation.NORMAL, 0, 0, 1400)));
  }

  private static MachineService.ProgrammeChange programme(
      String name,
      Use use,
      List<Integer> temperatures,
      double shortfall,
      int minutes,
      Agitation agitation,
      int rinses,
      int extra,
      int spin) {
    return new MachineService.ProgrammeChange(
        name,
        use,
        List.copyOf(temperatures),
        shortfall,
        null,
        minutes,
        agitation,
        rinses,
        extra,
        600,
        spin);
  }
}
