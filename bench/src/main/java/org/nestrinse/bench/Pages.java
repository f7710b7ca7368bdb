package org.nestrinse.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Asks a running application for what every page shows and prints how large each answer is and how
 * long it took: again, and anew after a change.
 *
 * <ul>
 *   <li>{@code Pages http://localhost:8090} one after the other
 *   <li>{@code Pages http://localhost:8090 carers} with {@value #CARERS} carers at once
 *   <li>{@code Pages http://localhost:8090 keep folder} keeps each answer as a file, to compare two
 *       releases on a clock that stands still
 * </ul>
 */
public final class Pages {
  private static final int WARM_UP = 12;
  private static final int MEASURED = 40;
  private static final int CHANGES = 9;
  private static final int CARERS = 20;
  private static final Duration TOGETHER = Duration.ofSeconds(30);

  /** What each page asks for when it opens, in the order of the work. */
  private static final Map<String, List<String>> PAGES = new LinkedHashMap<>();

  static {
    PAGES.put("every page", List.of("/api/v1/line"));
    PAGES.put(
        "gather",
        List.of(
            "/api/v1/pails",
            "/api/v1/kinds",
            "/api/v1/wipes",
            "/api/v1/prep",
            "/api/v1/normal-days"));
    PAGES.put("sort", List.of("/api/v1/sorting"));
    PAGES.put(
        "wash",
        List.of(
            "/api/v1/rounds/running",
            "/api/v1/loads",
            "/api/v1/machines",
            "/api/v1/loads/{load}/plans"));
    PAGES.put("dry", List.of("/api/v1/drying", "/api/v1/drying/plans"));
    PAGES.put("shelf", List.of("/api/v1/shelf", "/api/v1/cover"));
    PAGES.put("week", List.of("/api/v1/week", "/api/v1/people"));
    PAGES.put("stock and wear", List.of("/api/v1/rhythms", "/api/v1/wear"));
    PAGES.put("reset", List.of("/api/v1/resets", "/api/v1/resets/running"));
    PAGES.put(
        "record",
        List.of(
            "/api/v1/record?page=0&size=12",
            "/api/v1/record/story?days=60",
            "/api/v1/judge/changes",
            "/api/v1/judge",
            "/api/v1/record/costs"));
    PAGES.put("a round", List.of("/api/v1/record/{round}", "/api/v1/rounds/{round}"));
    PAGES.put(
        "kit",
        List.of(
            "/api/v1/household",
            "/api/v1/places",
            "/api/v1/products",
            "/api/v1/products/left",
            "/api/v1/dryers",
            "/api/v1/schools",
            "/api/v1/catalogue",
            "/api/v1/removed",
            "/api/v1/ledger"));
  }

  private final HttpClient http = HttpClient.newHttpClient();
  private final String address;
  private final String load;
  private final String round;

  private Pages(String address) throws IOException, InterruptedException {
    this.address = address;
    load = loadToPlan();
    round = first("\"id\":(\\d+)", get("/api/v1/record?page=0&size=12").body());
  }

  /** Runs it. */
  public static void main(String[] args) throws Exception {
    Pages pages = new Pages(args[0]);
    if (args.length > 2) {
      pages.keep(Path.of(args[2]));
    } else if (args.length > 1) {
      pages.together();
    } else {
      pages.oneByOne();
    }
  }

  private String loadToPlan() throws IOException, InterruptedException {
    String open = get("/api/v1/loads").body();
    if (open.equals("[]")) {
      String stamp = first("\"stamp\":\"([^\"]+)\"", get("/api/v1/sorting").body());
      HttpRequest accept =
          HttpRequest.newBuilder(URI.create(address + "/api/v1/sorting/accept"))
              .header("Content-Type", "application/json")
              .POST(
                  HttpRequest.BodyPublishers.ofString(
                      "{\"stamp\":\"%s\",\"numbers\":[1]}".formatted(stamp)))
              .build();
      http.send(accept, HttpResponse.BodyHandlers.ofString());
      open = get("/api/v1/loads").body();
    }
    return first("\"id\":(\\d+)", open);
  }

  private static String first(String pattern, String text) {
    Matcher found = Pattern.compile(pattern).matcher(text);
    if (!found.find()) {
      throw new IllegalStateException("nothing like " + pattern + " in " + text);
    }
    return found.group(1);
  }

  private HttpResponse<String> get(String path) throws IOException, InterruptedException {
    HttpResponse<String> answer =
        http.send(
            HttpRequest.newBuilder(URI.create(address + path)).build(),
            HttpResponse.BodyHandlers.ofString());
    if (answer.statusCode() != 200) {
      throw new IllegalStateException(path + " answers " + answer.statusCode());
    }
    return answer;
  }

  private String filled(String path) {
    return path.replace("{load}", load).replace("{round}", round);
  }

  private List<String> calls() {
    return PAGES.values().stream().flatMap(List::stream).map(this::filled).toList();
  }

  private void oneByOne() throws IOException, InterruptedException {
    System.out.printf("%-34s %9s %8s %8s %8s%n", "", "bytes", "p50 ms", "p95 ms", "anew ms");
    for (Map.Entry<String, List<String>> page : PAGES.entrySet()) {
      System.out.println(page.getKey());
      for (String path : page.getValue()) {
        for (int i = 0; i < WARM_UP; i++) {
          get(filled(path));
        }
        List<Double> took = new ArrayList<>();
        int bytes = 0;
        for (int i = 0; i < MEASURED; i++) {
          long began = System.nanoTime();
          bytes = get(filled(path)).body().length();
          took.add((System.nanoTime() - began) / 1e6);
        }
        print("  " + path, bytes, took, anew(filled(path)));
      }
    }
  }

  /** Returns how long the first answer after a change takes, in the middle of several [ms]. */
  private double anew(String path) throws IOException, InterruptedException {
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < CHANGES; i++) {
      change(i % 2 == 0);
      long began = System.nanoTime();
      get(path);
      took.add((System.nanoTime() - began) / 1e6);
    }
    return took.stream().sorted().toList().get(CHANGES / 2);
  }

  private void change(boolean lid) throws IOException, InterruptedException {
    http.send(
        HttpRequest.newBuilder(URI.create(address + "/api/v1/household/answers/PAIL"))
            .header("Content-Type", "application/json")
            .PUT(
                HttpRequest.BodyPublishers.ofString(
                    "{\"position\":\"%s\"}".formatted(lid ? "lid" : "open")))
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }

  private static void print(String name, int bytes, List<Double> took, double anew) {
    double[] sorted = took.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    System.out.printf(
        "%-34s %9d %8.1f %8.1f %8.1f%n",
        name, bytes, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.95)], anew);
  }

  private void together() throws Exception {
    calls().forEach(this::warm);
    ExecutorService carers = Executors.newFixedThreadPool(CARERS);
    List<Callable<List<Double>>> work = new ArrayList<>();
    for (int c = 0; c < CARERS; c++) {
      int start = c;
      work.add(() -> reading(start));
    }
    List<Double> all = new ArrayList<>();
    for (Future<List<Double>> one : carers.invokeAll(work)) {
      all.addAll(one.get());
    }
    carers.shutdown();
    print(CARERS + " carers, " + all.size() + " answers", 0, all, 0);
  }

  private void warm(String path) {
    try {
      get(path);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private List<Double> reading(int start) throws IOException, InterruptedException {
    List<String> calls = calls();
    List<Double> took = new ArrayList<>();
    long end = System.nanoTime() + TOGETHER.toNanos();
    for (int i = start; System.nanoTime() < end; i++) {
      long began = System.nanoTime();
      get(calls.get(i % calls.size()));
      took.add((System.nanoTime() - began) / 1e6);
    }
    return took;
  }

  private void keep(Path folder) throws IOException, InterruptedException {
    Files.createDirectories(folder);
    for (String path : calls()) {
      String name = String.join("-", Arrays.asList(path.substring(5).split("[/?&=]")));
      Files.writeString(folder.resolve(name + ".json"), get(path).body().replace(",", ",\n"));
    }
  }
}
