package org.nestrinse.app.store;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.WhySource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is kept as JSON for years, with the version in which it is written now. A change of any name
 * in it raises the version, adds the step that brings the version before up to it, and leaves a
 * file of each version in the tests, which is read for ever.
 */
public enum RecordType {
  /**
   * A plan, as made and as it goes: {@code PLANNED} and {@code GOING} in {@code round_text}. From
   * version 2 on its reasons are keys with values, from version 3 on its steps, bends and cautions
   * too, and a reason names its model instead of a section of a document. Words of older versions
   * are read as old notes.
   */
  ROUND_PLAN(List.of(RecordType::words, RecordType::models)),
  /** The steps of a round as they stand: {@code STEPS} in {@code round_text}. */
  ROUND_STEPS(List.of(RecordType::words)),
  /**
   * What was asked of a round: {@code WISHES} in {@code round_text}. From version 2 on with what
   * was set by hand.
   */
  ROUND_WISHES(List.of(RecordType::nothingSet)),
  /**
   * A method of the household's own, {@code own_school.school}. From version 3 on with what was
   * picked by hand.
   */
  METHOD(List.of(RecordType::words, RecordType::nothingSet)),
  /** What is kept of a reset while it is done, {@code reset_run.planned}. */
  RESET(List.of(RecordType::words));

  private static final String OLD_DOCUMENT = "docs/models.md";
  private static final Pattern NUMBER = Pattern.compile("\\d+");
  private static final Map<Integer, Model> MODEL_OF_SECTION =
      Map.of(
          2, Model.FILL,
          3, Model.DOSE,
          4, Model.RINSE,
          5, Model.TEMPERATURE,
          6, Model.SOIL,
          7, Model.GERMS,
          13, Model.COST);

  /** Step {@code i} brings version {@code i + 1} to {@code i + 2}. */
  private final List<UnaryOperator<JsonNode>> steps;

  RecordType(List<UnaryOperator<JsonNode>> steps) {
    this.steps = steps;
  }

  /** What was words became keys with values: the words are read as old notes, as they stand. */
  private static JsonNode words(JsonNode record) {
    return record;
  }

  /** Older records have no settings, because there were none to make: nothing to add. */
  private static JsonNode nothingSet(JsonNode record) {
    return record;
  }

  /** A reason pointed to a section of a document by its number; it names its model now. */
  private static JsonNode models(JsonNode record) {
    for (JsonNode why : record.path("whys")) {
      JsonNode source = why.path("source");
      String words = source.isString() ? source.asString() : source.path("with").toString();
      String key = source.path("say").asString("");
      boolean dose = key.equals("why.why-source.dose") || words.contains("label");
      if (key.startsWith("why.why-source.") || words.contains(OLD_DOCUMENT)) {
        Matcher section = NUMBER.matcher(words);
        Model model =
            section.find() ? MODEL_OF_SECTION.get(Integer.parseInt(section.group())) : null;
        ObjectNode now = (ObjectNode) why;
        now.set("source", JsonNodeFactory.instance.objectNode().put("say", sourceKey(dose)));
        if (model != null) {
          now.put("model", model.name());
        }
      }
    }
    return record;
  }

  private static String sourceKey(boolean dose) {
    return (dose ? WhySource.LABEL_FIRST : WhySource.ESTIMATE).key();
  }

  /** Returns the version in which it is written now, from 1 on. */
  public int version() {
    return steps.size() + 1;
  }

  /** Returns a record of an older version in the present one. */
  JsonNode upcast(JsonNode record, int version) {
    JsonNode now = record;
    for (UnaryOperator<JsonNode> step : steps.subList(version - 1, steps.size())) {
      now = step.apply(now);
    }
    return now;
  }
}
