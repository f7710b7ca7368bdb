package org.nestrinse.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * Database files that earlier releases wrote, one of each version of the database, each with the
 * first two rounds of the household that is shown: each opens, is brought up to date, and shows its
 * rounds with their plans.
 */
@Tag("long")
class EarlierReleasesTest {

  private static Path house(int version) throws IOException {
    Path data = Files.createTempDirectory("nest-rinse");
    String name = "releases/release-" + version + ".zip";
    try (InputStream in = EarlierReleasesTest.class.getResourceAsStream(name);
        ZipInputStream zip = new ZipInputStream(in)) {
      zip.getNextEntry();
      Files.copy(zip, data.resolve("nest.mv.db"));
    }
    return data;
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9})
  void opensMigratesAndShowsItsRounds(int version) throws IOException {
    Path house = house(version);
    try (RunningApp app = RunningApp.empty(DemoApp.MOMENT)) {
      app.moveIn(house);
      assertThat(app.data().resolve("nest-at-" + version + ".mv.db")).exists();
      for (String page :
          new String[] {
            "/api/v1/line",
            "/api/v1/pails",
            "/api/v1/sorting",
            "/api/v1/drying",
            "/api/v1/shelf",
            "/api/v1/week",
            "/api/v1/record/story?days=4000",
            "/api/v1/record/costs",
            "/api/v1/record/record.json",
            "/api/v1/judge",
            "/api/v1/resets",
            "/api/v1/kinds",
            "/api/v1/products",
            "/api/v1/machines",
            "/api/v1/wear"
          }) {
        RunningApp.Answer answer = app.get(page);
        assertThat(answer.status()).as(page + " " + answer.body()).isEqualTo(200);
      }
      JsonNode record = app.get("/api/v1/record").json();
      assertThat(record.get("total").asInt()).isEqualTo(2);
      for (JsonNode round : record.get("rounds")) {
        RunningApp.Answer shown = app.get("/api/v1/rounds/" + round.get("id").asLong());
        assertThat(shown.status()).as(shown.body()).isEqualTo(200);
        assertThat(shown.json().get("plan").get("steps")).isNotEmpty();
        assertThat(shown.json().get("plan").get("figures").get("massKg").asDouble()).isPositive();
      }
      assertThat(app.get("/api/v1/ledger").json()).isEmpty();
      assertThat(app.get("/api/v1/ledger/unreadable").json()).isEmpty();
    }
  }
}
