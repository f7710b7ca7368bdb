package org.nestrinse.app.again;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import org.nestrinse.app.running.Volley;

/** A request that is sent again with its key counts once, and is answered as it was. */
@Tag("long")
class RepeatedRequestsTest {
  private static RunningApp app;
  private static String entries;
  private static String muslin;

  @BeforeAll
  static void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    entries =
        "/api/v1/pails/%d/entries".formatted(Lives.pail(app, "Nursery pail").get("id").asLong());
    muslin =
        "{\"kindId\":%d,\"count\":1,\"soil\":\"MILK\",\"solids\":\"NONE\"}"
            .formatted(Lives.kindId(app, "muslin"));
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static int waiting() {
    return Lives.stock(app, "muslin").get("waiting").asInt();
  }

  private static String key() {
    return UUID.randomUUID().toString();
  }

  @Test
  void sentAgainItIsAnsweredAsBeforeAndCountsOnce() {
    int before = waiting();
    String key = key();
    RunningApp.Answer first = app.sendKeyed("POST", entries, muslin, key);
    RunningApp.Answer again = app.sendKeyed("POST", entries, muslin, key);
    assertThat(first.status()).isEqualTo(201);
    assertThat(again).isEqualTo(first);
    assertThat(waiting()).isEqualTo(before + 1);
    assertThat(app.sendKeyed("POST", entries, muslin, key()).status()).isEqualTo(201);
    assertThat(waiting()).as("another key is another request").isEqualTo(before + 2);
  }

  @Test
  void sentTwiceAtOnceItCountsOnce() {
    for (int i = 0; i < Volley.ROUNDS; i++) {
      int before = waiting();
      String key = key();
      List<RunningApp.Answer> both =
          Volley.at(
              () -> app.sendKeyed("POST", entries, muslin, key),
              () -> app.sendKeyed("POST", entries, muslin, key));
      assertThat(both.get(0)).isEqualTo(both.get(1));
      assertThat(waiting()).isEqualTo(before + 1);
      app.send("DELETE", "/api/v1/entries/" + both.get(0).json().get("id").asLong(), null);
    }
  }

  @Test
  void itIsRememberedOverARestart() {
    String key = key();
    RunningApp.Answer first = app.sendKeyed("POST", entries, muslin, key);
    int then = waiting();
    app.restart();
    assertThat(app.sendKeyed("POST", entries, muslin, key).body()).isEqualTo(first.body());
    assertThat(waiting()).isEqualTo(then);
  }

  @Test
  void whatWasRefusedMayBeTriedAgain() {
    String key = key();
    String tooMany = muslin.replace("\"count\":1", "\"count\":190");
    assertThat(app.sendKeyed("POST", entries, tooMany, key).status()).isEqualTo(409);
    assertThat(app.sendKeyed("POST", entries, muslin, key).status()).isEqualTo(201);
  }

  @Test
  void aKeyBelongsToOneRequest() {
    String key = key();
    long id = app.sendKeyed("POST", entries, muslin, key).json().get("id").asLong();
    assertThat(app.sendKeyed("DELETE", "/api/v1/entries/" + id, null, key).status()).isEqualTo(422);
    for (String bad : List.of("short", "x".repeat(81), "with blanks in it", "semi;colon")) {
      assertThat(app.sendKeyed("POST", entries, muslin, bad).status()).as(bad).isEqualTo(400);
    }
  }

  @Test
  void aDayLaterItIsForgotten() {
    String key = key();
    app.sendKeyed("POST", entries, muslin, key);
    app.forward(RequestKeys.KEPT.plus(Duration.ofMinutes(1)));
    try {
      app.sendKeyed("POST", entries, muslin, key());
      assertThat(app.bean(RequestKeys.class).answered(key)).isEmpty();
    } finally {
      app.forward(RequestKeys.KEPT.plus(Duration.ofMinutes(1)).negated());
    }
  }
}
