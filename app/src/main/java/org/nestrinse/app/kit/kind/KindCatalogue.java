package org.nestrinse.app.kit.kind;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.Part;
import org.nestrinse.text.Names;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Kinds of textile to start from, with believable masses, areas and limits. They lie beside this
 * class in {@code catalogue.json}, each with where its figures come from; a person adds one and
 * changes what is different at home.
 */
@Component
public class KindCatalogue {
  private static final String FILE = "catalogue.json";

  private final List<Preset> presets;

  KindCatalogue(JsonMapper json) {
    try (InputStream file = Objects.requireNonNull(KindCatalogue.class.getResourceAsStream(FILE))) {
      presets = List.copyOf(json.readValue(file, new TypeReference<List<Preset>>() {}));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A kind to start from.
   *
   * @param group heading in the catalogue
   * @param kind what is sent to add it, owned pieces apart
   * @param source where the figures come from
   */
  public record Preset(String group, Sample kind, String source) {}

  /**
   * The facts of a kind.
   *
   * @param name its name
   * @param plural what several are called; null when the English name gives it
   * @param role what it is for
   * @param bin what it touches
   * @param parts what it is made of
   * @param areaM2 one face as hung [m²]
   * @param small whether it may serve as bulk
   */
  public record Sample(
      String name,
      @Nullable String plural,
      org.nestrinse.core.textile.Role role,
      org.nestrinse.core.textile.Bin bin,
      List<Part> parts,
      double areaM2,
      boolean small) {
    /** Returns what is sent to add so many of it. */
    public KindService.Change owned(int count) {
      return KindServiceChangeBuilder.builder()
          .version(null)
          .name(name)
          .plural(plural)
          .role(role)
          .bin(bin)
          .parts(
              parts.stream()
                  .map(
                      p ->
                          new KindService.PartChange(
                              p.name(), p.material(), p.massKg(), p.elastic()))
                  .toList())
          .areaM2(areaM2)
          .small(small)
          .label(null)
          .colour(null)
          .owned(count)
          .build();
    }
  }

  /** Returns everything there is to start from, by group, under the names of a language. */
  public List<Preset> presets(Locale language) {
    Names names = Names.of(language);
    return names.all().isEmpty() ? presets : presets.stream().map(p -> named(p, names)).toList();
  }

  private static Preset named(Preset p, Names names) {
    Sample k = p.kind;
    List<Part> parts =
        k.parts.stream()
            .map(t -> new Part(names.of(t.name()), t.material(), t.massKg(), t.elastic()))
            .toList();
    return new Preset(
        names.of(p.group),
        new Sample(
            names.of(k.name), names.several(k.name), k.role, k.bin, parts, k.areaM2, k.small),
        names.of(p.source));
  }
}
