package org.nestrinse.app.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.problem.LineError;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Range;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One entry of a file: every fault is noted at its place, and none stops the reading. */
class ArchiveEntryTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final Range TEN = new Range(0, 10, Unit.LITRE);

  private final FileErrors errors = new FileErrors();

  private ArchiveEntry entry(String json) {
    JsonNode node = JSON.readTree(json);
    return new ArchiveEntry(4, key -> node.hasNonNull(key) ? node.get(key) : null, errors, JSON);
  }

  @Test
  void whatIsRightIsRead() {
    ArchiveEntry e =
        entry(
            """
            {"name":"a","n":3.5,"whole":4,"at":"2026-05-01T10:00:00Z","yes":true,"goal":"LIGHT",
             "list":[{"n":1},{"n":2}],"texts":["x","y"],"plan":{"a":[1]}}""");
    assertThat(e.text("name", 10)).isEqualTo("a");
    assertThat(e.number("n", TEN)).isEqualTo(3.5);
    assertThat(e.whole("whole", TEN)).isEqualTo(4);
    assertThat(e.time("at")).isEqualTo(Instant.parse("2026-05-01T10:00:00Z"));
    assertThat(e.yes("yes")).isTrue();
    assertThat(e.choice("goal", HygieneGoal.class)).isEqualTo(HygieneGoal.LIGHT);
    assertThat(e.list("list").stream().map(x -> x.whole("n", TEN))).containsExactly(1, 2);
    assertThat(e.texts("texts", 5)).containsExactly("x", "y");
    assertThat(e.json("plan")).isEqualTo("{\"a\":[1]}");
    assertThat(errors.first()).isEmpty();
  }

  @Test
  void whatIsNotThereIsNothingWhereItMayBe() {
    ArchiveEntry e = entry("{\"empty\":\"\"}");
    assertThat(e.optionalText("name", 10)).isNull();
    assertThat(e.optionalText("empty", 10)).isNull();
    assertThat(e.optionalNumber("n", TEN)).isNull();
    assertThat(e.optionalTime("at")).isNull();
    assertThat(e.list("list")).isEmpty();
    assertThat(e.texts("texts", 5)).isEmpty();
    assertThat(e.json("plan")).isNull();
    assertThat(errors.first()).isEmpty();
  }

  @Test
  void inCsvAListIsATextOfJson() {
    ArchiveEntry e =
        entry("{\"list\":\"[{\\\"n\\\":7}]\",\"texts\":\"[\\\"x\\\"]\",\"bad\":\"[\"}");
    assertThat(e.list("list").get(0).whole("n", TEN)).isEqualTo(7);
    assertThat(e.texts("texts", 3)).containsExactly("x");
    assertThat(errors.first()).isEmpty();
    assertThat(e.list("bad")).isEmpty();
    assertThat(errors.first())
        .extracting(x -> x.expected().saying())
        .containsExactly(ArchiveSaying.JSON);
  }

  @ParameterizedTest
  @CsvSource({
    "'{}', nothing",
    "'{\"n\":\"x\"}', x",
    "'{\"n\":11}', 11",
    "'{\"n\":-1}', -1",
    "'{\"n\":\"NaN\"}', NaN"
  })
  void aNumberHasItsRange(String json, String found) {
    entry(json).number("n", TEN);
    assertThat(errors.first().get(0).expected()).isEqualTo(TEN.allowed());
    assertThat(errors.first().get(0).found().toString()).containsIgnoringCase(found);
  }

  @Test
  void aWholeNumberIsWhole() {
    entry("{\"n\":2.5}").whole("n", TEN);
    assertThat(errors.first().get(0).expected()).isEqualTo(Allowed.A_WHOLE_NUMBER.said());
  }

  @Test
  void everyFaultIsNotedNotOnlyTheFirst() {
    ArchiveEntry e =
        entry(
            "{\"name\":\"far too long\",\"at\":\"noon\",\"yes\":\"maybe\",\"goal\":\"SPOTLESS\",\"list\":3}");
    e.text("name", 3);
    e.text("other", 3);
    e.time("at");
    e.time("never");
    e.yes("yes");
    e.yes("no");
    e.choice("goal", HygieneGoal.class);
    e.list("list");
    assertThat(errors.first())
        .extracting(LineError::column)
        .containsExactly("name", "other", "at", "never", "yes", "no", "goal", "list");
    assertThat(errors.first()).allMatch(x -> x.line() == 4 && !x.expected().nothing());
    assertThat(errors.first().get(6).expected().toString())
        .contains("EVERYDAY")
        .contains("ILLNESS");
  }

  @Test
  void whatCoreRefusesIsNotedByItsField() {
    ArchiveEntry e = entry("{}");
    assertThat(e.checked(() -> Sign.SUDS.value("purple"))).isNull();
    assertThat(errors.first().get(0).column()).isEqualTo("value");
    assertThat(errors.first().get(0).expected().toString()).contains("none").contains("suds");
    assertThat(e.checked(() -> Sign.SUDS.value("suds"))).isNotNull();
  }

  @Test
  void aLongTextIsShownShort() {
    entry("{}").wrong("note", "x".repeat(500), "less");
    assertThat(errors.first().get(0).found().values().get("value")).asString().hasSizeLessThan(70);
  }
}
