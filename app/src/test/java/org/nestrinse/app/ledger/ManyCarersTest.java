package org.nestrinse.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Twenty carers at once: afterwards every piece is in exactly one place. */
class ManyCarersTest {
  private static final int CARERS = 20;
  private static final long SECONDS = Long.getLong("nest.carers.seconds", 10);
  private static final int SEEDS = Integer.getInteger("nest.carers.seeds", 1);

  static IntStream seeds() {
    return IntStream.rangeClosed(1, SEEDS);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void everyPieceIsInExactlyOnePlace(int seed) throws Exception {
    try (RunningApp app = RunningApp.demo(DemoApp.MOMENT)) {
      long owned = sum(app, "owned");
      ConcurrentLinkedQueue<String> broken = new ConcurrentLinkedQueue<>();
      long until = System.nanoTime() + SECONDS * 1_000_000_000L;
      ExecutorService pool = Executors.newFixedThreadPool(CARERS);
      List<Future<Integer>> carers = new ArrayList<>();
      for (int i = 0; i < CARERS; i++) {
        Carer carer = new Carer(app, new Random(seed * 1000L + i), broken);
        carers.add(pool.submit(() -> carer.workUntil(until)));
      }
      int done = 0;
      for (Future<Integer> carer : carers) {
        done += carer.get();
      }
      pool.shutdown();
      assertThat(broken).isEmpty();
      assertThat(done).as("changes that were acknowledged").isGreaterThan(CARERS);
      assertThat(app.get("/api/v1/ledger").json()).isEmpty();
      assertThat(sum(app, "owned")).isEqualTo(owned);
      for (JsonNode kind : app.get("/api/v1/kinds").json()) {
        JsonNode s = kind.get("stock");
        int places =
            s.get("clean").asInt()
                + s.get("waiting").asInt()
                + s.get("washing").asInt()
                + s.get("drying").asInt();
        assertThat(places).as(kind.get("name").asString()).isEqualTo(s.get("owned").asInt());
        assertThat(s.get("clean").asInt()).isNotNegative();
      }
      app.restart();
      assertThat(app.get("/api/v1/line").json().get("differences")).isEmpty();
    }
  }

  private static long sum(RunningApp app, String field) {
    long sum = 0;
    for (JsonNode kind : app.get("/api/v1/kinds").json()) {
      sum += kind.get("stock").get(field).asLong();
    }
    return sum;
  }

  /** One who logs, corrects, undoes, sorts, washes, hangs and takes down, whatever comes first. */
  private static final class Carer {
    private final RunningApp app;
    private final Random random;
    private final ConcurrentLinkedQueue<String> broken;
    private int done;

    Carer(RunningApp app, Random random, ConcurrentLinkedQueue<String> broken) {
      this.app = app;
      this.random = random;
      this.broken = broken;
    }

    int workUntil(long moment) {
      while (System.nanoTime() < moment) {
        switch (random.nextInt(10)) {
          case 0, 1, 2 -> log();
          case 3 -> correct();
          case 4 -> removeAndRestore();
          case 5 -> accept();
          case 6 -> takeApart();
          case 7 -> wash();
          case 8 -> dry();
          default -> reset();
        }
      }
      return done;
    }

    private RunningApp.Answer send(String method, String path, String json) {
      RunningApp.Answer answer = app.send(method, path, json);
      if (answer.status() >= 500) {
        broken.add(method + " " + path + " " + answer.status() + " " + answer.body());
      }
      if (answer.status() < 300 && !method.equals("GET")) {
        done++;
      }
      return answer;
    }

    private JsonNode one(JsonNode list) {
      return list.isEmpty() ? null : list.get(random.nextInt(list.size()));
    }

    private JsonNode get(String path) {
      return send("GET", path, null).json();
    }

    private void log() {
      JsonNode kind = one(get("/api/v1/kinds"));
      JsonNode pail = one(get("/api/v1/pails").get("pails"));
      send(
          "POST",
          "/api/v1/pails/%d/entries".formatted(pail.get("id").asLong()),
          "{\"kindId\":%d,\"count\":%d,\"soil\":\"DIRT\",\"solids\":\"NONE\"}"
              .formatted(kind.get("id").asLong(), 1 + random.nextInt(3)));
    }

    private JsonNode entry() {
      JsonNode pail = one(get("/api/v1/pails").get("pails"));
      return one(pail.get("entries"));
    }

    private void correct() {
      JsonNode e = entry();
      if (e != null) {
        send(
            "PATCH",
            "/api/v1/entries/" + e.get("id").asLong(),
            "{\"version\":%d,\"count\":%d,\"soil\":\"DIRT\",\"solids\":\"NONE\"}"
                .formatted(e.get("version").asLong(), 1 + random.nextInt(4)));
      }
    }

    private void removeAndRestore() {
      JsonNode e = entry();
      if (e != null) {
        String path = "/api/v1/entries/" + e.get("id").asLong();
        send("DELETE", path, null);
        send("POST", path + "/restore", null);
        send("POST", path + "/restore", null);
      }
    }

    private void accept() {
      JsonNode seen = get("/api/v1/sorting");
      if (!seen.get("drums").isEmpty()) {
        send(
            "POST",
            "/api/v1/sorting/accept",
            "{\"stamp\":\"%s\"}".formatted(seen.get("stamp").asString()));
      }
    }

    private void takeApart() {
      JsonNode load = one(get("/api/v1/loads"));
      if (load == null) {
        return;
      }
      String path = "/api/v1/loads/" + load.get("id").asLong();
      JsonNode item = one(load.get("going"));
      if (item == null || random.nextInt(4) == 0) {
        send("DELETE", path, null);
      } else {
        send("DELETE", path + "/items/" + item.get("id").asLong() + "?count=1", null);
      }
    }

    private void wash() {
      JsonNode running = get("/api/v1/rounds/running").get("round");
      if (!running.isNull() && !running.get("currentStep").isNull()) {
        send(
            "POST",
            "/api/v1/rounds/%d/steps/%d"
                .formatted(running.get("id").asLong(), running.get("currentStep").asInt()),
            null);
        return;
      }
      JsonNode load = one(get("/api/v1/loads"));
      if (load != null) {
        long id = load.get("id").asLong();
        RunningApp.Answer plan =
            send("POST", "/api/v1/loads/" + id + "/plan", "{\"school\":\"hot-and-full\"}");
        if (plan.status() == 200) {
          StringBuilder read = new StringBuilder("\"\"");
          plan.json()
              .get("cautions")
              .forEach(c -> read.append(",\"").append(c.get("key").asString()).append('"'));
          send(
              "POST",
              "/api/v1/rounds",
              "{\"loadId\":%d,\"school\":\"hot-and-full\",\"checksRead\":[%s]}"
                  .formatted(id, read));
        }
      }
    }

    private void dry() {
      JsonNode group = one(get("/api/v1/drying").get("groups"));
      if (group != null) {
        String path = "/api/v1/drying/" + group.get("id").asLong();
        send("POST", path + "/dry", null);
        if (random.nextBoolean()) {
          send("DELETE", path + "/dry", null);
          send("DELETE", path + "/dry", null);
        }
      }
    }

    private void reset() {
      JsonNode running = get("/api/v1/resets/running").get("running");
      if (!running.isNull()) {
        String path = "/api/v1/resets/" + running.get("id").asLong();
        if (random.nextInt(4) == 0) {
          send("DELETE", path, null);
        } else if (!running.get("currentStep").isNull()) {
          send("POST", path + "/steps/" + running.get("currentStep").asInt(), "{}");
        }
        return;
      }
      JsonNode kind = one(get("/api/v1/kinds"));
      send(
          "POST",
          "/api/v1/resets",
          "{\"request\":{\"recipe\":\"RINSE_OUT\",\"vessel\":\"tub\",\"vesselL\":30,\"pieces\":[{\"kindId\":%d,\"count\":2}]},\"checksRead\":[]}"
              .formatted(kind.get("id").asLong()));
    }
  }
}
