package org.nestrinse.app.changes;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What a change is about, by the tables that it writes. Devices read again what is about it. */
public enum Topic {
  KIT(
      "household",
      "kind",
      "kind_part",
      "machine",
      "programme",
      "product",
      "dryer",
      "place",
      "person",
      "own_school",
      "dose_move"),
  STOCK("stock", "piece_batch"),
  PAILS("pail", "pail_entry", "habit", "spell", "new_lot", "wipes_box"),
  LOADS("wash_load", "load_item", "hand_move", "aside_rule"),
  ROUNDS("wash_round", "round_text", "round_step", "round_content", "round_event", "dose_taken"),
  LINE("hanging_group", "drying_factor", "forecast_hour"),
  WEEK("person_time", "week_pin", "week_setting", "bundle_wish"),
  SEEN("observation", "experiment"),
  RESETS("reset_run", "reset_step", "reset_piece");

  private static final Map<String, Topic> BY_TABLE =
      Arrays.stream(values())
          .flatMap(topic -> topic.tables.stream().map(table -> Map.entry(table, topic)))
          .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

  private final List<String> tables;

  Topic(String... tables) {
    this.tables = List.of(tables);
  }

  /** Returns the topic of a table, or null when nobody shows what is in it. */
  static @Nullable Topic of(String table) {
    return BY_TABLE.get(table);
  }

  /** Returns every table that has a topic. */
  static Set<String> tables() {
    return BY_TABLE.keySet();
  }
}
