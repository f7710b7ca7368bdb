package org.nestrinse.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** A stored value that this release does not know spoils its own row, and no page. */
@Tag("long")
@TestMethodOrder(org.junit.jupiter.api.MethodOrderer.MethodName.class)
class KeptForYearsTest {
  private static final List<String> PAGES =
      List.of(
          "/api/v1/line",
          "/api/v1/pails",
          "/api/v1/normal-days",
          "/api/v1/prep",
          "/api/v1/wipes",
          "/api/v1/sorting",
          "/api/v1/loads",
          "/api/v1/schools",
          "/api/v1/rounds/running",
          "/api/v1/drying",
          "/api/v1/drying/plans",
          "/api/v1/shelf",
          "/api/v1/cover",
          "/api/v1/rhythms",
          "/api/v1/wear",
          "/api/v1/week",
          "/api/v1/week/rounds.ics",
          "/api/v1/record",
          "/api/v1/record/story",
          "/api/v1/record/costs",
          "/api/v1/record/record.json",
          "/api/v1/record/rounds.csv",
          "/api/v1/judge",
          "/api/v1/judge/changes",
          "/api/v1/resets",
          "/api/v1/household",
          "/api/v1/people",
          "/api/v1/kinds",
          "/api/v1/products",
          "/api/v1/machines",
          "/api/v1/dryers",
          "/api/v1/places",
          "/api/v1/removed",
          "/api/v1/ledger");
  private static RunningApp app;

  @BeforeAll
  static void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static void allPagesAreThere() {
    for (String page : PAGES) {
      RunningApp.Answer answer = app.get(page);
      assertThat(answer.status()).as(page + " " + answer.body()).isEqualTo(200);
    }
  }

  /** A table, a column and a row in it. */
  private record Value(String table, String column, String which) {
    void set(@Nullable String value) {
      app.database().update("update %s set %s = ? where %s".formatted(table, column, which), value);
    }

    String get() {
      return one("select %s from %s where %s".formatted(column, table, which));
    }
  }

  private static final List<Value> VALUES =
      Stream.of(
              "kind, role, id = 3",
              "kind, bin, id = 4",
              "kind, colour, id = 5",
              "kind_part, material, kind_id = 6",
              "product, purpose, id = 2",
              "product, form, id = 3",
              "product, chemicals, id = 4",
              "machine, type, id = 1",
              "programme, agitation, position = 1",
              "programme, programme_use, position = 2",
              "programme, temperatures_c, position = 3",
              "dryer, type, id = 1",
              "place, sort, id = 1",
              "place, facing, id = 2",
              "pail, style, id = 1",
              "pail_entry, soil, id = 950",
              "pail_entry, solids, id = 951",
              "habit, soil, id = 1",
              "habit, part, id = 2",
              "household, goal, id = 1",
              "household, tumbling, id = 1",
              "household, sun, id = 1",
              "household, standing, id = 1",
              "observation, sign, id = 2",
              "observation, place, id = 3",
              "observation, reading, id = 4",
              "experiment, cause, id = 1",
              "experiment, change_made, id = 2",
              "reset_run, recipe, id = 1",
              "wash_round, goal, id = 2",
              "wash_round, state, id = 3",
              "round_event, kind, round_id = 4",
              "dose_move, reason, id = 1",
              "person_time, day_of_week, id = 1")
          .map(row -> row.split(", "))
          .map(cells -> new Value(cells[0], cells[1], cells[2]))
          .toList();

  @Test
  void unknownNamesSpoilTheirRowsOnly() {
    List<String> before = VALUES.stream().map(Value::get).toList();
    VALUES.forEach(v -> v.set("DRAGON"));
    try {
      allPagesAreThere();
      assertThat(app.get("/api/v1/ledger/unreadable").json().size()).isGreaterThan(15);
    } finally {
      for (int i = 0; i < VALUES.size(); i++) {
        VALUES.get(i).set(before.get(i));
      }
    }
    assertThat(app.get("/api/v1/ledger/unreadable").json()).isEmpty();
  }

  static Stream<Value> oneByOne() {
    return Boolean.getBoolean("nest.endure") ? VALUES.stream() : VALUES.stream().limit(2);
  }

  @ParameterizedTest
  @MethodSource("oneByOne")
  void anUnknownNameSpoilsItsRowOnly(Value value) {
    String before = value.get();
    value.set("DRAGON");
    try {
      allPagesAreThere();
    } finally {
      value.set(before);
    }
  }

  private static String one(String query) {
    return app.database().queryForList(query, String.class).get(0);
  }

  @Test
  void zWhatIsNotReadableIsTold() {
    app.database().update("update dryer set type = 'DRAGON'");
    JsonNode told = app.get("/api/v1/ledger/unreadable").json();
    assertThat(told.toString()).contains("dryer, type");
  }

  @Test
  void zABrokenPlanSpoilsItsRoundOnly() {
    app.database()
        .update(
            "update round_text set text = '{\"version\":99,\"record\":{}}' where name = 'PLANNED' and round_id = 5");
    app.database()
        .update("update round_text set text = 'no json' where name = 'PLANNED' and round_id = 6");
    allPagesAreThere();
    for (int id = 5; id <= 6; id++) {
      assertThat(app.get("/api/v1/record/" + id).status()).isEqualTo(200);
      RunningApp.Answer plan = app.get("/api/v1/rounds/" + id);
      assertThat(plan.status()).isEqualTo(409);
      assertThat(plan.json().get("detail").asString()).contains("not readable here");
    }
  }
}
