package org.nestrinse.app.kit.kind;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.kit.Names;
import org.nestrinse.app.kit.Removable;
import org.nestrinse.app.kit.Thing;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.household.Stock;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.CareLabel;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.textile.UsualCare;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;
import org.nestrinse.text.EnglishPlural;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kinds of textile that the household owns. */
@Service
public class KindService implements Removable {
  private static final int LONGEST_NAME = 80;
  private static final int LONGEST_PART = 40;
  private static final Range OWNED = new Range(0, 1000, Unit.PIECE);
  private static final Range LABEL_WASH_C = new Range(20, 95, Unit.CELSIUS);
  private static final Range LABEL_SPIN_RPM = new Range(0, 1600, Unit.RPM);
  private static final Range WEIGHED_G = new Range(1, 50_000, Unit.GRAM);
  private static final double G_PER_KG = 1000;
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final KindRepository kinds;
  private final StockService stock;
  private final Speech speech;

  KindService(KindRepository kinds, StockService stock, Speech speech) {
    this.speech = speech;
    this.kinds = kinds;
    this.stock = stock;
  }

  /** One part as it is sent. */
  public record PartChange(
      @Nullable String name,
      @Nullable Material material,
      @Nullable Double massKg,
      @Nullable Boolean elastic) {}

  /** What is sent to add or change a kind. */
  @RecordBuilder
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      @Nullable String plural,
      @Nullable Role role,
      @Nullable Bin bin,
      @Nullable List<@Nullable PartChange> parts,
      @Nullable Double areaM2,
      @Nullable Boolean small,
      @Nullable CareLabel label,
      @Nullable Colour colour,
      @Nullable Integer owned) {}

  /** What a kitchen scale says: how many pieces, and what they weigh together, dry. */
  public record Weighing(
      @Nullable Integer version, @Nullable Integer pieces, @Nullable Double grams) {}

  /** Returns all kinds with their stock, by name. */
  @Transactional(readOnly = true)
  public List<KindView> all() {
    // First the kinds: one that is added meanwhile has no place in what was counted before.
    List<KindEntity> rows = kinds.findByRemovedAtIsNull(Sort.by("role", "name"));
    Map<Long, Stock> all = stock.all();
    return rows.stream().map(k -> view(k, all.get(k.id))).toList();
  }

  /** Returns the kinds that are not removed as values of core. */
  @Transactional(readOnly = true)
  public List<Kind> inUse() {
    return kinds.findByRemovedAtIsNull(Sort.by("id")).stream().map(KindEntity::toKind).toList();
  }

  /** Returns all kinds as values of core, by number; the removed ones too, for the past. */
  @Transactional(readOnly = true)
  public Map<Long, Kind> byId() {
    return kinds.findAll().stream()
        .map(KindEntity::toKind)
        .collect(Collectors.toMap(Kind::id, Function.identity()));
  }

  /** Returns what kinds are called. */
  @Transactional(readOnly = true)
  public Names names() {
    return new Names(kinds.findAll().stream().collect(Collectors.toMap(k -> k.id, k -> k.name)));
  }

  /** Returns one kind; throws {@link NotFound} when there is none. */
  @Transactional(readOnly = true)
  public Kind one(long id) {
    return entity(id).toKind();
  }

  /** Adds a kind; throws {@link StateConflict} when another has the same name. */
  @Transactional
  public KindView add(Change change) {
    KindEntity e = new KindEntity();
    String name = RequestChecks.text("name", change.name, LONGEST_NAME);
    if (kinds.existsByNameIgnoreCase(name)) {
      throw new StateConflict(Said.of(KitRefusal.KIND_NAME_TAKEN).with("name", name));
    }
    apply(e, change);
    KindEntity saved = kinds.saveAndFlush(e);
    stock.open(saved.id, RequestChecks.whole("owned", change.owned, OWNED));
    return view(saved, stock.held(saved.id));
  }

  /** Changes a kind; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public KindView change(long id, Change change) {
    KindEntity e = entity(id);
    if (e.version != RequestChecks.whole("version", change.version, VERSION)) {
      throw new Stale(e.name, view(e, stock.held(id)));
    }
    stock.own(id, RequestChecks.whole("owned", change.owned, OWNED));
    apply(e, change);
    return view(kinds.saveAndFlush(e), stock.held(id));
  }

  /**
   * Takes over what a scale says: every part of the kind is scaled alike. Throws {@link Stale} when
   * the kind was changed since the version sent.
   */
  @Transactional
  public KindView weigh(long id, Weighing weighing) {
    KindEntity e = entity(id);
    int pieces = RequestChecks.whole("pieces", weighing.pieces, Limits.COUNT);
    double grams = RequestChecks.number("grams", weighing.grams, WEIGHED_G);
    if (e.version != RequestChecks.whole("version", weighing.version, VERSION)) {
      throw new Stale(e.name, view(e, stock.held(id)));
    }
    double scale = grams / G_PER_KG / pieces / e.toKind().massKg();
    for (KindEntity.PartRow part : e.parts) {
      part.massKg = Limits.PIECE_MASS_KG.check("grams", part.massKg * scale);
    }
    return view(kinds.saveAndFlush(e), stock.held(id));
  }

  /** Keeps what a look into the drum made of the bulk of kinds, by their numbers. */
  @Transactional
  public void learnBulk(Map<Long, Double> factors) {
    factors.forEach((id, factor) -> entity(id).bulkFactor = factor);
  }

  /** Forgets what looks into the drum made of the bulk of a kind. */
  @Transactional
  public KindView forgetBulk(long id) {
    KindEntity e = entity(id);
    e.bulkFactor = 1;
    return view(kinds.saveAndFlush(e), stock.held(id));
  }

  /** Sets how many of a kind are owned. */
  @Transactional
  public void own(long id, int count) {
    stock.own(id, count);
  }

  /** Adds newly bought pieces to what is owned, or takes them away again. */
  @Transactional
  public void buy(long id, int pieces) {
    stock.buy(id, pieces);
  }

  private void apply(KindEntity e, Change c) {
    String name = RequestChecks.text("name", c.name, LONGEST_NAME);
    e.plural = ownPlural(c.plural, e.name, name, speech.language());
    e.name = name;
    e.role = RequestChecks.choice("role", c.role, Role.class);
    e.bin = RequestChecks.choice("bin", c.bin, Bin.class);
    e.areaM2 = RequestChecks.number("areaM2", c.areaM2, Limits.AREA_M2);
    e.small = RequestChecks.yesNo("small", c.small);
    e.colour = c.colour == null ? Colour.PALE : c.colour;
    CareLabel label = c.label;
    e.labelWashC =
        label == null ? null : whole("label.hottestWashC", label.hottestWashC(), LABEL_WASH_C);
    e.labelSpinRpm =
        label == null
            ? null
            : whole("label.fastestSpinRpm", label.fastestSpinRpm(), LABEL_SPIN_RPM);
    e.labelDryer = label == null ? null : label.dryer();
    e.parts.clear();
    for (PartChange part : RequestChecks.list("parts", c.parts)) {
      KindEntity.PartRow row = new KindEntity.PartRow();
      row.name = RequestChecks.text("parts.name", part.name, LONGEST_PART);
      row.material = RequestChecks.choice("parts.material", part.material, Material.class);
      row.massKg = RequestChecks.number("parts.massKg", part.massKg, Limits.PIECE_MASS_KG);
      row.elastic = RequestChecks.yesNo("parts.elastic", part.elastic);
      e.parts.add(row);
    }
  }

  private static @Nullable Integer whole(String field, @Nullable Integer value, Range range) {
    return value == null ? null : Integer.valueOf(RequestChecks.whole(field, value, range));
  }

  /** Returns the plural that was entered, or null when the name gives it anyway. */
  private static @Nullable String ownPlural(
      @Nullable String plural, @Nullable String before, String name, Locale language) {
    boolean english = language.getLanguage().equals(Locale.ENGLISH.getLanguage());
    if (plural == null || plural.isBlank()) {
      // Only for English there is a rule.
      return english ? null : name;
    }
    String words = RequestChecks.text("plural", plural, LONGEST_NAME);
    boolean regular =
        words.equals(EnglishPlural.of(name))
            || before != null && words.equals(EnglishPlural.of(before));
    return regular ? null : words;
  }

  private KindEntity entity(long id) {
    return kinds.findById(id).orElseThrow(() -> new NotFound(What.KIND, id));
  }

  private static KindView view(KindEntity e, Stock stock) {
    Kind kind = e.toKind();
    return KindViewBuilder.builder()
        .id(e.id)
        .version(e.version)
        .name(e.name)
        .plural(kind.plural())
        .role(kind.role())
        .bin(kind.bin())
        .parts(kind.parts())
        .areaM2(e.areaM2)
        .small(e.small)
        .label(e.label().blank() ? null : e.label())
        .usual(UsualCare.of(kind))
        .colour(kind.colour())
        .bulkFactor(e.bulkFactor)
        .massKg(kind.massKg())
        .limits(kind.limits().said())
        .soilChoices(Soil.choicesFor(kind))
        .stock(stock)
        .build();
  }

  @Override
  public Thing thing() {
    return Thing.KIND;
  }

  @Override
  public JpaRepository<? extends KitEntity, Long> rows() {
    return kinds;
  }
}
