package org.nestrinse.app.store;

import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;

/**
 * What is kept as JSON for years, with the version in which it is written now. A change of any name
 * in it raises the version, adds the step that brings the version before up to it, and leaves a
 * file of each version in the tests, which is read for ever.
 */
public enum RecordType {
  /**
   * A plan, as made and as it goes: {@code PLANNED} and {@code GOING} in {@code round_text}. From
   * version 2 on its reasons are keys with values, from version 3 on its steps, bends and cautions
   * too. Words of older versions are read as old notes.
   */
  ROUND_PLAN(List.of(RecordType::words, RecordType::words)),
  /** The steps of a round as they stand: {@code STEPS} in {@code round_text}. */
  ROUND_STEPS(List.of(RecordType::words)),
  /** What was asked of a round: {@code WISHES} in {@code round_text}. */
  ROUND_WISHES(List.of()),
  /** A method of the household's own, {@code own_school.school}. */
  METHOD(List.of(RecordType::words)),
  /** What is kept of a reset while it is done, {@code reset_run.planned}. */
  RESET(List.of(RecordType::words));

  /** Step {@code i} brings version {@code i + 1} to {@code i + 2}. */
  private final List<UnaryOperator<JsonNode>> steps;

  RecordType(List<UnaryOperator<JsonNode>> steps) {
    this.steps = steps;
  }

  /** What was words became keys with values: the words are read as old notes, as they stand. */
  private static JsonNode words(JsonNode record) {
    return record;
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
