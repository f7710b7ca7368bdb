package org.nestrinse.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;

/** Warns about rows that something else changed, and only about those. */
class ChecksumsTest {
  private static RunningApp app;

  @BeforeAll
  static void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void whatTheApplicationWroteMatches() {
    assertThat(app.bean(DamagedRows.class).find(() -> true)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "wash_round, litres, litres + 1, litres - 1, id = 3, round 3",
    "round_text, text, concat(text; ' '), rtrim(text), round_id = 4 and name = 'PLANNED', round 4",
    "stock, owned, owned + 1, owned - 1, kind_id = 2, stock 2",
    "kind, area_m2, area_m2 * 2, area_m2 / 2, id = 2, kind 2",
    "product, max_g, coalesce(max_g; 0) + 1, max_g - 1, id = 2, product 2",
    "machine, drum_l, drum_l * 2, drum_l / 2, id = 1, machine 1",
  })
  void aRowChangedFromOutsideIsTold(
      String table, String column, String change, String back, String which, String told) {
    String update = "update %s set %s = %s where %s";
    String changed = update.formatted(table, column, change.replace(';', ','), which);
    assertThat(app.database().update(changed)).isPositive();
    assertThat(app.bean(DamagedRows.class).find(() -> true)).containsExactly(told);
    app.database().update(update.formatted(table, column, back.replace(';', ','), which));
  }

  @Test
  void aMadeUpHouseThatChangesItsLanguageIsNotDamaged() {
    for (String language : List.of("de", "en")) {
      String sent = "{\"language\":\"%s\"}".formatted(language);
      assertThat(app.send("PUT", "/api/v1/household/voice", sent).status()).isEqualTo(200);
      assertThat(app.bean(DamagedRows.class).find(() -> true)).isEmpty();
    }
    assertThat(
            app.database()
                .queryForObject(
                    "select count(*) from round_text where checksum is null", Long.class))
        .isZero();
  }

  @Test
  void rowsOfBeforeHaveNoneAndAreBelieved() {
    app.database().update("update kind set checksum = null where id = 7");
    assertThat(app.bean(DamagedRows.class).find(() -> true)).isEmpty();
  }
}
