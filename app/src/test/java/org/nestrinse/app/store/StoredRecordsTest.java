package org.nestrinse.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.app.reset.ResetService;
import org.nestrinse.app.wash.plan.PlanService;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.core.said.Plain;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.why.Why;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * We can read records of every version. If you rename a field of one, a test here fails: give the
 * record a new version, write the step from the old one, and add a sample file.
 */
class StoredRecordsTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private final StoredRecords records = new StoredRecords(JSON);

  private static String file(RecordType type, int version) {
    String name = "%s-%d.json".formatted(type.name().toLowerCase(java.util.Locale.ROOT), version);
    try (InputStream in = StoredRecordsTest.class.getResourceAsStream(name)) {
      assertThat(in).as("a file of every version: " + name).isNotNull();
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  private JsonNode again(RecordType type, String text) {
    Object record =
        switch (type) {
          case ROUND_PLAN -> records.read(type, text, PlanViews.Plan.class);
          case ROUND_STEPS -> records.read(type, text, new TypeReference<List<Step>>() {});
          case ROUND_WISHES -> records.read(type, text, PlanService.Request.class);
          case METHOD -> records.read(type, text, School.class);
          case RESET -> records.read(type, text, ResetService.StoredReset.class);
        };
    return JSON.readTree(records.write(type, record)).get("record");
  }

  @ParameterizedTest
  @EnumSource(RecordType.class)
  void everyVersionIsReadWhole(RecordType type) {
    for (int version = 1; version <= type.version(); version++) {
      String text = file(type, version);
      JsonNode read = again(type, text);
      if (version == type.version()) {
        JsonNode kept = JSON.readTree(text).get("record");
        assertThat(names("", read, new TreeSet<>()))
            .as("a name changed: raise the version of " + type)
            .isEqualTo(names("", kept, new TreeSet<>()));
      }
    }
  }

  /** Every name in a record, with where it stands; keys of maps are data and no names. */
  private static TreeSet<String> names(String at, JsonNode node, TreeSet<String> names) {
    if (node.isArray()) {
      node.forEach(n -> names(at + "[]", n, names));
    } else if (node.isObject() && !at.endsWith("/whys")) {
      for (var field : node.properties()) {
        names.add(at + "/" + field.getKey());
        names(at + "/" + field.getKey(), field.getValue(), names);
      }
    }
    return names;
  }

  @Test
  void aRecordWithoutAVersionIsTheFirst() {
    String bare = JSON.readTree(file(RecordType.METHOD, 1)).get("record").toString();
    assertThat(records.read(RecordType.METHOD, bare, School.class).name().nothing()).isFalse();
  }

  @Test
  void whatALaterReleaseWroteIsToldAndWhatItAddedIsNotMissed() {
    String later = "{\"version\":9,\"record\":{}}";
    assertThatThrownBy(() -> records.read(RecordType.METHOD, later, School.class))
        .isInstanceOf(Unreadable.class);
    assertThatThrownBy(() -> records.read(RecordType.ROUND_PLAN, "no json", PlanViews.Plan.class))
        .isInstanceOf(Unreadable.class);
    String more =
        file(RecordType.ROUND_WISHES, 1).replaceFirst("\"school\"", "\"moon\":1,\"school\"");
    assertThat(records.read(RecordType.ROUND_WISHES, more, PlanService.Request.class).school())
        .isNotBlank();
  }

  @Test
  void reasonsAreKeptAsKeysWithValues() {
    PlanViews.Plan plan =
        records.read(RecordType.ROUND_PLAN, file(RecordType.ROUND_PLAN, 2), PlanViews.Plan.class);
    Why temperature = plan.whys().get("temperature");
    assertThat(temperature.title().saying().key()).isEqualTo("wash.wash-saying.holds");
    assertThat(temperature.title().values())
        .containsEntry("temperature", Quantity.celsius(60))
        .containsEntry("time", Quantity.of(42, Unit.DURATION));
    assertThat(temperature.lines().get(0).value())
        .isEqualTo(Said.from(new Quantity(13.2, Unit.LITRE, 1)));
    String again = records.write(RecordType.ROUND_PLAN, plan);
    assertThat(records.read(RecordType.ROUND_PLAN, again, PlanViews.Plan.class)).isEqualTo(plan);
  }

  @Test
  void wordsFromBeforeAreOldNotesAndWhatIsNotKnownIsNotReadable() {
    PlanViews.Plan old =
        records.read(RecordType.ROUND_PLAN, file(RecordType.ROUND_PLAN, 1), PlanViews.Plan.class);
    assertThat(old.whys().get("fill").title().saying()).isEqualTo(Plain.OLD_NOTE);
    for (String unknown :
        List.of(
            "{\"say\":\"wash.of-a-later-release\"}",
            "{\"say\":\"wash.wash-saying.holds\",\"with\":{\"moon\":1}}",
            "{\"say\":\"wash.wash-saying.heat-title\",\"with\":{\"log\":{\"amount\":1,\"unit\":\"MOONS\",\"digits\":0}}}",
            "{}")) {
      String text = "{\"version\":3,\"record\":%s}".formatted(unknown);
      assertThat(records.read(RecordType.ROUND_PLAN, text, Said.class))
          .as(unknown)
          .isEqualTo(Said.of(Plain.NOT_READABLE));
    }
  }
}
