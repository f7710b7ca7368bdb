package org.nestrinse.app.store;

import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes records that are kept for years, and reads those of every release. The text names its
 * version: {@code {"version":1,"record":…}}; one without is from before versions were written, and
 * is version 1.
 */
@Component
public class StoredRecords {
  private static final String VERSION = "version";
  private static final String RECORD = "record";
  private static final int FIRST = 1;

  private final JsonMapper json;

  StoredRecords(JsonMapper json) {
    // What a later release added is not missed by an earlier one.
    this.json =
        json.rebuild()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(EnumFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL)
            .addModule(SaidJson.module())
            .build();
  }

  /** Returns a record as it is kept. */
  public String write(RecordType type, Object record) {
    ObjectNode kept = json.createObjectNode();
    kept.put(VERSION, type.version());
    kept.set(RECORD, json.valueToTree(record));
    return json.writeValueAsString(kept);
  }

  /** Returns a record that was kept by this release or another; throws {@link Unreadable}. */
  public <T> T read(RecordType type, String text, Class<T> as) {
    return read(type, text, json.constructType(as));
  }

  /** Returns a record such as a list; throws {@link Unreadable}. */
  public <T> T read(RecordType type, String text, TypeReference<T> as) {
    return read(type, text, json.constructType(as));
  }

  private <T> T read(RecordType type, String text, JavaType as) {
    try {
      JsonNode kept = json.readTree(text);
      boolean versioned = kept.isObject() && kept.has(VERSION) && kept.has(RECORD);
      int version = versioned ? kept.get(VERSION).asInt(FIRST) : FIRST;
      JsonNode record = versioned ? kept.get(RECORD) : kept;
      if (version < FIRST || version > type.version()) {
        throw new IllegalArgumentException("version " + version);
      }
      return json.treeToValue(type.upcast(record, version), as);
    } catch (JacksonException | IllegalArgumentException e) {
      throw new Unreadable(type, e);
    }
  }

  /** Returns the record alone in the present version, as it goes into files. */
  public JsonNode record(RecordType type, String text) {
    return read(type, text, JsonNode.class);
  }

  /**
   * Returns a record that came out of a file as it is kept; throws {@link Unreadable} when it is
   * none of this type.
   *
   * @param version of the record in the file
   * @param as what it must be readable as
   * @param whole whether it holds all that is needed
   */
  public <T> String fromFile(
      RecordType type, JsonNode record, int version, Class<T> as, Predicate<T> whole) {
    try {
      JsonNode now = type.upcast(record, version);
      if (!whole.test(json.treeToValue(now, as))) {
        throw new IllegalArgumentException("not whole");
      }
      return write(type, now);
    } catch (JacksonException | IllegalArgumentException | IndexOutOfBoundsException e) {
      throw new Unreadable(type, e);
    }
  }
}
