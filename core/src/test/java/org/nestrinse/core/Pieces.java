package org.nestrinse.core;

import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.kit.Water;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.wash.step.WashJob;
import org.nestrinse.core.wash.step.WashJobBuilder;

/** A small household for tests. */
public final class Pieces {
  public static final Instant NOW = Instant.parse("2026-05-20T09:00:00Z");

  public static final Kind TRIFOLD =
      kind(
          1,
          "bamboo trifold",
          Role.INSERT,
          Bin.BODY,
          false,
          part(Material.BAMBOO_VISCOSE, 0.07, false));
  public static final Kind SHELL =
      kind(
          2,
          "pocket shell",
          Role.SHELL,
          Bin.BODY,
          false,
          part(Material.LAMINATE, 0.05, true),
          part(Material.POLYESTER_FLEECE, 0.03, false));
  public static final Kind HAND_TOWEL =
      kind(3, "hand towel", Role.TOWEL, Bin.HOUSE, true, part(Material.COTTON, 0.15, false));
  public static final Kind WOOL_COVER =
      kind(4, "wool cover", Role.COVER, Bin.BODY, false, part(Material.WOOL, 0.11, false));
  public static final Kind GLASS_CLOTH =
      kind(5, "glass cloth", Role.CLOTH, Bin.GLASS, true, part(Material.MICROFIBRE, 0.05, false));
  public static final Kind DISH_CLOTH =
      kind(6, "dish cloth", Role.CLOTH, Bin.KITCHEN, true, part(Material.COTTON, 0.05, false));
  public static final Kind VEST =
      kind(7, "vest", Role.CLOTHES, Bin.HOUSE, true, part(Material.COTTON, 0.06, false));
  public static final Kind CAUTIOUS_COVER =
      new Kind(
          8,
          "delicate cover",
          Role.COVER,
          Bin.BODY,
          List.of(part(Material.LAMINATE, 0.05, true)),
          0.12,
          false,
          new org.nestrinse.core.textile.CareLimits(
              40, 800, org.nestrinse.core.textile.DryerHeat.NONE));
  public static final Kind SHEET =
      kind(9, "sheet", Role.BEDDING, Bin.HOUSE, false, part(Material.COTTON, 0.6, false));

  public static final Programme QUICK_RINSE =
      new Programme(
          "Quick rinse",
          Programme.Use.RINSE,
          List.of(0),
          0,
          null,
          0,
          Agitation.NORMAL,
          1,
          0,
          600,
          1400);
  public static final Programme SHORT =
      new Programme(
          "Short",
          Programme.Use.WASH,
          List.of(20, 30, 40, 60),
          0,
          null,
          30,
          Agitation.NORMAL,
          1,
          1,
          600,
          1200);
  public static final Programme COTTONS =
      new Programme(
          "Cottons",
          Programme.Use.WASH,
          List.of(40, 60, 90),
          0,
          null,
          120,
          Agitation.NORMAL,
          2,
          2,
          600,
          1400);
  public static final Programme ECO =
      new Programme(
          "Cottons saver",
          Programme.Use.WASH,
          List.of(60),
          8,
          null,
          150,
          Agitation.NORMAL,
          2,
          1,
          600,
          1400);
  public static final Programme EASY =
      new Programme(
          "Easy care",
          Programme.Use.WASH,
          List.of(30, 40, 60),
          0,
          null,
          70,
          Agitation.NORMAL,
          2,
          1,
          600,
          1000);
  public static final Programme WOOL =
      new Programme(
          "Wool",
          Programme.Use.WOOL,
          List.of(20, 30),
          0,
          null,
          35,
          Agitation.GENTLE,
          2,
          0,
          400,
          800);

  public static final Machine MACHINE =
      new Machine(
          "front loader",
          54,
          7,
          0.235,
          2000,
          List.of(QUICK_RINSE, SHORT, COTTONS, ECO, EASY, WOOL));

  public static final Product BIO = detergent(1, "bio powder", Product.Form.POWDER, true);
  public static final Product NON_BIO = detergent(2, "non-bio powder", Product.Form.POWDER, false);
  public static final Product CLOTH_LIQUID =
      detergent(3, "cloth liquid", Product.Form.LIQUID, false);
  public static final Product WHITENER =
      new Product(
          4,
          "oxygen whitener",
          Product.Purpose.OXYGEN_WHITENER,
          Product.Form.POWDER,
          false,
          false,
          false,
          true,
          new LabelRow(30, 30, 30),
          new LabelRow(30, 30, 30),
          4.5,
          60.0,
          30.0,
          1.0,
          6,
          1000);
  public static final Product VINEGAR =
      new Product(
          8,
          "white vinegar",
          Product.Purpose.ACID,
          Product.Form.LIQUID,
          false,
          false,
          false,
          false,
          new LabelRow(60, 60, 60),
          new LabelRow(60, 60, 60),
          4.5,
          null,
          30.0,
          1.0,
          1,
          1000);
  public static final Tariff TARIFF =
      new Tariff(0.30, 0.15, LocalTime.of(0, 30), LocalTime.of(5, 30), 0.005);

  private Pieces() {}

  public static Kind kind(long id, String name, Role role, Bin bin, boolean small, Part... parts) {
    return new Kind(id, name, role, bin, List.of(parts), 0.12, small, null);
  }

  public static Part part(Material material, double massKg, boolean elastic) {
    return new Part("body", material, massKg, elastic);
  }

  private static Product detergent(long id, String name, Product.Form form, boolean enzymes) {
    return new Product(
        id,
        name,
        Product.Purpose.DETERGENT,
        form,
        enzymes,
        false,
        false,
        false,
        new LabelRow(45, 60, 80),
        new LabelRow(60, 75, 95),
        4.5,
        180.0,
        60.0,
        0.8,
        9,
        2000);
  }

  public static SoiledPieces soiled(Kind kind, int count, Soil soil, SkinNeed... needs) {
    return new SoiledPieces(kind, count, soil, true, NOW.minusSeconds(24 * 3600), Set.of(needs));
  }

  public static WashJob job(List<SoiledPieces> first, List<SoiledPieces> bulkers, Integer askedC) {
    return new WashJob(
        first,
        bulkers,
        MACHINE,
        new Water(3.1, 11),
        19,
        List.of(BIO, NON_BIO, CLOTH_LIQUID, WHITENER),
        TARIFF,
        HygieneGoal.LIGHT,
        1,
        NOW,
        LocalTime.of(9, 0),
        askedC);
  }

  /** Returns a job of these pieces in another machine. */
  public static WashJob in(Machine machine, List<SoiledPieces> first) {
    WashJob job = job(first, List.of(), null);
    return new WashJob(
        first,
        List.of(),
        machine,
        job.water(),
        job.roomC(),
        job.products(),
        job.tariff(),
        job.houseGoal(),
        job.trim(),
        job.now(),
        job.start(),
        null);
  }

  /** Returns the same job with nothing on the shelf to wash with. */
  public static WashJob without(WashJob job) {
    return withProducts(job, List.of());
  }

  /** Returns the same job with one more product on the shelf. */
  public static WashJob with(WashJob job, Product product) {
    List<Product> products = new ArrayList<>(job.products());
    products.add(product);
    return withProducts(job, products);
  }

  private static WashJob withProducts(WashJob job, List<Product> products) {
    return WashJobBuilder.builder()
        .first(job.first())
        .bulkers(job.bulkers())
        .machine(job.machine())
        .water(job.water())
        .roomC(job.roomC())
        .products(products)
        .tariff(job.tariff())
        .houseGoal(job.houseGoal())
        .trim(job.trim())
        .now(job.now())
        .start(job.start())
        .askedC(job.askedC())
        .wishes(job.wishes())
        .marked(job.marked())
        .rules(job.rules())
        .build();
  }
}
