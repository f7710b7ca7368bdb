package org.nestrinse.app.shelf;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.nestrinse.app.kit.kind.KindView;
import org.nestrinse.app.kit.person.Person;
import org.nestrinse.app.shelf.ShelfViews.BundleLine;
import org.nestrinse.app.shelf.ShelfViews.Compartment;
import org.nestrinse.app.shelf.ShelfViews.CoverLine;
import org.nestrinse.app.shelf.ShelfViews.KindLine;
import org.nestrinse.app.shelf.ShelfViews.Setting;
import org.nestrinse.app.shelf.ShelfViews.Shelf;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.household.ShelfStock;
import org.nestrinse.core.household.Supplies;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.shelf.Bundling;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.shelf.Recipe;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;

/** The shelf as it is shown: its compartments, its bundles, until when they last. */
final class ShelfPicture {
  private final List<KindView> all;
  private final List<Person> people;
  private final TimeWords words;

  ShelfPicture(List<KindView> all, List<Person> people, TimeWords words) {
    this.all = all;
    this.people = people;
    this.words = words;
  }

  /** Returns it. */
  Shelf of(ShelfStock stock) {
    Supplies supplies = Supplies.of(stock);
    Map<Kind, Integer> clean = stock.clean();
    Map<Recipe, Integer> wanted = supplies.wanted();
    List<Cover> covers = supplies.cleanCovers();
    Bundling bundling = Bundling.of(clean, wanted);
    Optional<Cover> first = Cover.firstToRunOut(covers);
    Map<String, Why> whys = new LinkedHashMap<>();
    List<Compartment> compartments = compartments(all);
    compartments.forEach(c -> whys.put("part." + c.role(), partWhy(c)));
    covers.forEach(c -> whys.put("cover." + c.need().name(), coverWhy(c, words)));
    List<BundleLine> lines = new ArrayList<>();
    for (Recipe recipe : shown(stock.kindsOwned(), wanted)) {
      BundleLine line = bundleLine(recipe, bundling, wanted.getOrDefault(recipe, 0));
      lines.add(line);
      whys.put("bundle." + recipe.id(), bundleWhy(recipe, line, clean));
    }
    return ShelfViewsShelfBuilder.builder()
        .now(stock.now().toInstant())
        .compartments(compartments)
        .days(Need.DAYS.uses(bundling, clean))
        .nights(Need.NIGHTS.uses(bundling, clean))
        .bundles(lines)
        .missing(bundling.missing() == null ? null : bundling.missing().words())
        .people(settings())
        .covers(
            covers.stream().map(c -> new CoverLine(c, words.at(c.until().toInstant()))).toList())
        .coversUntil(first.map(c -> words.at(c.until().toInstant())).orElse(null))
        .runsOutFirst(first.map(c -> c.need().name()).orElse(null))
        .runsOutFirstWords(first.map(c -> c.need().said()).orElse(null))
        .whys(whys)
        .build();
  }

  /** Bundles that the household can make, or has wished for. */
  private static List<Recipe> shown(Set<Kind> owned, Map<Recipe, Integer> wanted) {
    return Recipe.ALL.stream()
        .filter(
            r ->
                wanted.getOrDefault(r, 0) > 0
                    || (r.fills() && r.canBeMade(owned))
                    || (r != Recipe.CABIN
                        && !r.fills()
                        && owned.stream().anyMatch(k -> k.role() == Role.SHELL)))
        .toList();
  }

  private List<Setting> settings() {
    return people.stream()
        .filter(p -> p.dayBundles() + p.nightBundles() > 0)
        .map(p -> new Setting(p.id(), p.name(), settingWords(p)))
        .toList();
  }

  private static Said settingWords(Person p) {
    List<Said> all = new ArrayList<>();
    if (!p.rise().isEmpty()) {
      all.add(Said.of(ShelfSaying.RISE).with("rise", p.rise()));
    }
    if (!p.snaps().isEmpty()) {
      all.add(Said.of(ShelfSaying.SNAPS).with("snaps", p.snaps()));
    }
    return Said.row(all);
  }

  private static BundleLine bundleLine(Recipe recipe, Bundling bundling, int wanted) {
    List<Said> layers = new ArrayList<>();
    List<Said> substitutes = new ArrayList<>();
    for (Bundling.Made made : bundling.made()) {
      if (made.recipe().equals(recipe)) {
        for (Bundling.Use u : made.uses()) {
          Said what = u.kind().counted(u.pieces());
          layers.add(what);
          if (u.substitute()) {
            substitutes.add(
                Said.of(ShelfSaying.STANDS_FOR).with("pieces", what).with("part", u.part()));
          }
        }
      }
    }
    return new BundleLine(
        recipe.id(),
        recipe.name().said(),
        bundling.count(recipe),
        bundling.without(recipe),
        wanted,
        layers,
        substitutes);
  }

  private static Why bundleWhy(Recipe recipe, BundleLine line, Map<Kind, Integer> clean) {
    Why.Builder why =
        Why.of(
            Said.of(ShelfSaying.BUNDLE_TITLE)
                .with("count", line.count())
                .with("recipe", recipe.name()),
            ShelfSaying.BUNDLE);
    for (Recipe.Part part : recipe.parts()) {
      int there =
          clean.entrySet().stream()
              .filter(e -> part.rank(e.getKey()) >= 0)
              .mapToInt(Map.Entry::getValue)
              .sum();
      why.line(
          Said.of(ShelfSaying.PART).with("part", part.name()).with("each", part.count()), there);
    }
    why.line(ShelfSaying.WANTED, line.wanted());
    line.layers().forEach(layer -> why.line(ShelfSaying.GOES_IN, layer));
    line.substitutes().forEach(s -> why.line(ShelfSaying.STANDS_IN, s));
    if (line.without() > 0) {
      why.line(ShelfSaying.WITHOUT, line.without());
    }
    return why.total(Said.of(ShelfSaying.BUNDLES).with("recipe", recipe.name()), line.count())
        .by(Model.BUNDLES, WhySource.COUNTED);
  }

  private static List<Compartment> compartments(List<KindView> all) {
    Map<Role, List<KindView>> byRole =
        all.stream()
            .collect(
                Collectors.groupingBy(
                    KindView::role, () -> new EnumMap<>(Role.class), Collectors.toList()));
    return byRole.entrySet().stream()
        .map(
            e ->
                new Compartment(
                    e.getKey(),
                    e.getKey().said(),
                    e.getValue().stream().mapToInt(k -> k.stock().clean()).sum(),
                    e.getValue().stream().mapToInt(k -> k.stock().owned()).sum(),
                    e.getValue().stream().map(ShelfPicture::line).toList()))
        .toList();
  }

  private static KindLine line(KindView k) {
    return new KindLine(
        k.id(),
        k.name(),
        k.asKind().counted(k.stock().clean()),
        k.stock().clean(),
        k.stock().waiting(),
        k.stock().washing(),
        k.stock().drying(),
        k.stock().owned());
  }

  private static Why partWhy(Compartment c) {
    Why.Builder why =
        Why.of(Said.of(ShelfSaying.CLEAN_TITLE).with("count", c.clean()), ShelfSaying.CLEAN_MEANS);
    for (KindLine k : c.kinds()) {
      why.line(Said.of(ShelfSaying.OWNED).with("kind", k.kind()), k.owned())
          .line(ShelfSaying.WAITING, k.waiting())
          .line(ShelfSaying.WASHING, k.washing())
          .line(ShelfSaying.DRYING, k.drying())
          .total(ShelfSaying.CLEAN, k.clean());
    }
    return why.source(ShelfSaying.PART_SOURCE);
  }

  private static Why coverWhy(Cover c, TimeWords words) {
    Said until = words.at(c.until().toInstant());
    return Why.of(
            Said.of(ShelfSaying.UNTIL).with("need", c.need()).with("when", until),
            ShelfSaying.COVER)
        .line(ShelfSaying.CLEAN_NOW, c.stock())
        .line(ShelfSaying.NORMAL_DAY, c.perDay())
        .total(ShelfSaying.MISSING_FROM, until)
        .by(Model.ENOUGH_UNTIL);
  }
}
