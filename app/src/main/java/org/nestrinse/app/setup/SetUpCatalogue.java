package org.nestrinse.app.setup;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.kit.machine.MachineServiceChangeBuilder;
import org.nestrinse.app.kit.machine.MachineServiceProgrammeChangeBuilder;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.kit.person.PersonServiceChangeBuilder;
import org.nestrinse.app.kit.place.PlaceService;
import org.nestrinse.app.kit.place.PlaceServiceChangeBuilder;
import org.nestrinse.app.kit.product.ProductService;
import org.nestrinse.app.kit.product.ProductServiceChangeBuilder;
import org.nestrinse.text.Names;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Plain sorts of everything that a house has, to start from. They lie beside this class in {@code
 * setup.json}: typical figures, each of which can be changed in Kit.
 */
@Component
class SetUpCatalogue {
  private static final String FILE = "setup.json";

  private final Sorts english;

  SetUpCatalogue(JsonMapper json) {
    try (InputStream file =
        Objects.requireNonNull(SetUpCatalogue.class.getResourceAsStream(FILE))) {
      english = json.readValue(file, Sorts.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Everything there is to start from.
   *
   * @param people who may live there, each with what they use on a normal day
   * @param sets what is usually owned together
   * @param washers what washes
   * @param products what is put in
   * @param places where things hang
   * @param dryer a dryer
   */
  record Sorts(
      List<PersonService.Change> people,
      List<StarterSet> sets,
      List<Washer> washers,
      List<ProductService.Change> products,
      List<PlaceService.Change> places,
      DryerService.Change dryer) {}

  /**
   * Kinds that are usually owned together, for one child or one house.
   *
   * @param id short name, which the drawing goes by
   * @param name its name
   * @param pieces how many of which kind
   */
  record StarterSet(String id, String name, List<Pieces> pieces) {}

  /**
   * So many of a kind.
   *
   * @param kind its name in the catalogue of textiles
   * @param count how many
   */
  record Pieces(String kind, int count) {}

  /**
   * A machine or a vessel, whose programmes can be ticked.
   *
   * @param sizes the same in other sizes, the usual one in the middle
   */
  record Washer(MachineService.Change machine, List<Size> sizes) {}

  /** How large it is. */
  record Size(double capacityKg, double drumL, double drumRadiusM) {}

  /** Returns everything under the names of a language. */
  Sorts in(Locale language) {
    Names names = Names.of(language);
    return names.all().isEmpty() ? english : named(names);
  }

  private Sorts named(Names names) {
    return new Sorts(
        english.people.stream()
            .map(p -> PersonServiceChangeBuilder.builder(p).name(name(names, p.name())).build())
            .toList(),
        english.sets.stream().map(s -> named(s, names)).toList(),
        english.washers.stream().map(w -> new Washer(named(w.machine, names), w.sizes)).toList(),
        english.products.stream()
            .map(p -> ProductServiceChangeBuilder.builder(p).name(name(names, p.name())).build())
            .toList(),
        english.places.stream()
            .map(p -> PlaceServiceChangeBuilder.builder(p).name(name(names, p.name())).build())
            .toList(),
        new DryerService.Change(
            null,
            name(names, english.dryer.name()),
            english.dryer.type(),
            english.dryer.capacityKg()));
  }

  private static StarterSet named(StarterSet set, Names names) {
    return new StarterSet(
        set.id,
        names.of(set.name),
        set.pieces.stream().map(p -> new Pieces(names.of(p.kind), p.count)).toList());
  }

  private static MachineService.Change named(MachineService.Change machine, Names names) {
    return MachineServiceChangeBuilder.builder(machine)
        .name(name(names, machine.name()))
        .programmes(
            Objects.requireNonNull(machine.programmes()).stream()
                .map(Objects::requireNonNull)
                .map(
                    p ->
                        MachineServiceProgrammeChangeBuilder.builder(p)
                            .name(name(names, p.name()))
                            .build())
                .toList())
        .build();
  }

  private static String name(Names names, @Nullable String english) {
    return names.of(Objects.requireNonNull(english));
  }
}
