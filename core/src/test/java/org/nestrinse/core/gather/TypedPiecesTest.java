package org.nestrinse.core.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.OutOfRange;

class TypedPiecesTest {
  private static final List<Kind> KINDS =
      List.of(
          kind(1, "muslin flat nappy", "muslin flat nappies"),
          kind(2, "terry flat nappy", "terry flat nappies"),
          kind(3, "bed pad", "bed pads"),
          kind(4, "milk cloth", "milk cloths"),
          kind(5, "Mullwindel", "Mullwindeln"));
  private static final TypedPieces.Vocabulary WORDS =
      new TypedPieces.Vocabulary(
          Map.of(
              Soil.WET, List.of("wet", "pee"),
              Soil.STOOL, List.of("poo", "stool"),
              Soil.MILK, List.of("milk")),
          List.of("and", "with", "of"),
          Soil.DIRT);

  private static Kind kind(long id, String name, String plural) {
    Kind kind =
        Pieces.kind(id, name, Role.FLAT, Bin.BODY, true, Pieces.part(Material.COTTON, 0.05, true));
    return KindBuilder.builder(kind).plural(plural).build();
  }

  private static String read(String text) {
    return TypedPieces.read(text, KINDS, WORDS).stream()
        .map(p -> p.count() + " " + p.kind().name() + " " + p.soil())
        .reduce((a, b) -> a + ", " + b)
        .orElse("");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "6 flats wet, 2 stool | 6 muslin flat nappy WET, 2 muslin flat nappy STOOL",
        "6 flats wet and 2 with poo | 6 muslin flat nappy WET, 2 muslin flat nappy STOOL",
        "3 Terry; pad pee | 3 terry flat nappy DIRT, 1 bed pad WET",
        "4 milk cloths | 4 milk cloth DIRT",
        "4 bed pads milk | 4 bed pad MILK",
        "2 windeln wet | 2 Mullwindel WET",
        "200 bed pads | 200 bed pad DIRT",
        "1 flat nappy wet 1 pad poo | 1 muslin flat nappy WET, 1 bed pad STOOL",
      })
  void aTextIsUnderstood(String text, String meant) {
    assertThat(read(text)).isEqualTo(meant);
  }

  @Test
  void whoComesFirstIsMeantByAWordThatFitsSeveral() {
    List<Kind> terryFirst = List.of(KINDS.get(1), KINDS.get(0));
    assertThat(TypedPieces.read("2 flats", terryFirst, WORDS).get(0).kind().name())
        .isEqualTo("terry flat nappy");
    assertThat(TypedPieces.read("2 muslin flat nappies", terryFirst, WORDS).get(0).kind().name())
        .isEqualTo("muslin flat nappy");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2 poo | 2 poo | PIECES_FIRST",
        "6 flats, 3 curtains | 3 curtains | NO_SUCH_KIND",
        "'' | '' | LIKE_THIS",
        "?! | ?! | LIKE_THIS",
      })
  void whatIsNotUnderstoodIsNamed(String text, String part, TypedSaying says) {
    assertThatThrownBy(() -> read(text == null ? "" : text))
        .isInstanceOfSatisfying(
            OutOfRange.class,
            e -> {
              assertThat(e.field()).isEqualTo("text");
              assertThat(e.value()).isEqualTo(Said.from(part == null ? "" : part));
              assertThat(e.allowed().saying()).isEqualTo(says);
            });
  }

  @Test
  void everySoilCanBeTyped() {
    assertThat(TypedSoil.values()).extracting(TypedSoil::soil).containsExactly(Soil.values());
  }

  @ParameterizedTest
  @CsvSource({"0 flats", "201 flats", "99999999999999999999 flats"})
  void aCountHasItsBounds(String text) {
    assertThatThrownBy(() -> read(text)).isInstanceOf(OutOfRange.class);
  }
}
