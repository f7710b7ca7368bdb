package org.nestrinse.app.running;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.NestRinse;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The real application on a free port with a data folder of its own; it can be stopped and started
 * again.
 */
public final class RunningApp implements AutoCloseable {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final HttpClient http = HttpClient.newHttpClient();
  private final Path data;
  private final List<String> settings;
  private ConfigurableApplicationContext context;
  private int port;

  private RunningApp(Path data, List<String> settings) {
    this.data = data;
    this.settings = settings;
  }

  /** Returns an application with an empty household, at a moment from which its clock ticks. */
  public static RunningApp empty(String moment) {
    return started("--nest.clock.start=" + moment, "--nest.demo=false");
  }

  /**
   * Returns an application with the demo household, at a moment from which its clock ticks. The
   * household is lived once for each moment; every application gets a copy of its own.
   */
  public static RunningApp demo(String moment, String... more) {
    return copyOf(lived(moment), withMore(moment, more));
  }

  private static String[] withMore(String moment, String... more) {
    return Stream.of(demoSettings(moment), more).flatMap(Stream::of).toArray(String[]::new);
  }

  /** Works out the past of the demo household, packs it as the build does, and returns where. */
  private static Path packed() {
    return LivedHouses.of(
            "packed",
            () -> {
              Path data = emptyFolder();
              run(List.of("--nest.clock.start=" + DemoApp.MOMENT, "--nest.pack=true"), data, 0)
                  .close();
              return data;
            })
        .resolve("nest.mv.db");
  }

  /** Returns an application whose demo household has just been lived anew. */
  public static RunningApp freshDemo(String moment) {
    return started(demoSettings(moment));
  }

  /**
   * Returns an application over a data folder that is there already, which it deletes at its end.
   */
  public static RunningApp over(Path data, String... settings) {
    RunningApp app = new RunningApp(data, List.of(settings));
    app.start();
    return app;
  }

  private static String[] demoSettings(String moment) {
    return new String[] {"--nest.clock.start=" + moment, "--nest.demo=true"};
  }

  private static Path lived(String moment) {
    Path packed = packed();
    return LivedHouses.of(
        moment,
        () -> {
          RunningApp app = over(emptyFolder(), withMore(moment, "--nest.packed-house=" + packed));
          app.stop();
          return app.data;
        });
  }

  /**
   * Returns an application with an empty household of its own, beside a made-up one that was
   * furnished at this moment.
   */
  public static RunningApp besideTheMadeUp(String moment) {
    Path data = emptyFolder();
    LivedHouses.copy(lived(moment), data.resolve("made-up"));
    return over(data, "--nest.clock.start=" + moment, "--nest.demo=false");
  }

  private static RunningApp copyOf(Path lived, String... settings) {
    Path data = emptyFolder();
    LivedHouses.copy(lived, data);
    return over(data, settings);
  }

  private static RunningApp started(String... settings) {
    return over(emptyFolder(), settings);
  }

  private static Path emptyFolder() {
    try {
      return Files.createTempDirectory("nest-rinse");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void start() {
    context = run(settings, data, port);
    port = ((WebServerApplicationContext) context).getWebServer().getPort();
  }

  private static ConfigurableApplicationContext run(List<String> settings, Path data, int port) {
    List<String> arguments = new ArrayList<>(settings);
    arguments.add("--server.port=" + port);
    arguments.add("--nest.data=" + data);
    arguments.add("--spring.main.register-shutdown-hook=false");
    // Applications of one process share the logging system, which is set up anew by each: one at a
    // time.
    synchronized (RunningApp.class) {
      return new SpringApplicationBuilder(NestRinse.class).run(arguments.toArray(String[]::new));
    }
  }

  /** Stops the application and starts it again with the same data, on the same port. */
  public void restart() {
    stop();
    start();
  }

  /** Returns a part of the running application, such as its clock. */
  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** Returns its database, for what no page lets a person do. */
  public JdbcTemplate database() {
    return new JdbcTemplate(bean(DataSource.class));
  }

  /** Returns its address, without a slash at the end. */
  public String address() {
    return "http://localhost:" + port;
  }

  /** Returns the folder of its data. */
  public Path data() {
    return data;
  }

  /** Returns what a request answers. */
  public Answer get(String path) {
    return send("GET", path, null);
  }

  /** Returns what sending this JSON answers. */
  public Answer post(String path, String json) {
    return send("POST", path, json);
  }

  /** Returns what a request with this method answers. */
  public Answer send(String method, String path, String json) {
    return sendKeyed(method, path, json, null);
  }

  /** Returns what a request answers that names itself, so that it counts once. */
  public Answer sendKeyed(String method, String path, String json, @Nullable String key) {
    HttpRequest.BodyPublisher body =
        json == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(json);
    HttpRequest.Builder named =
        HttpRequest.newBuilder(URI.create(address() + path))
            .header("Content-Type", "application/json")
            .method(method, body);
    if (key != null) {
      named.header("Idempotency-Key", key);
    }
    HttpRequest request = named.build();
    try {
      HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
      String type = response.headers().firstValue("Content-Type").orElse("");
      return new Answer(response.statusCode(), type, response.body());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /**
   * An answer.
   *
   * @param status HTTP status
   * @param type content type
   * @param body text
   */
  public record Answer(int status, String type, String body) {
    /** Returns the body as JSON. */
    public JsonNode json() {
      return JSON.readTree(body);
    }
  }

  private void stop() {
    synchronized (RunningApp.class) {
      context.close();
    }
  }

  @Override
  public void close() {
    stop();
    LivedHouses.delete(data);
  }
}
