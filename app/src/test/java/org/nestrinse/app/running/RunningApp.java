package org.nestrinse.app.running;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.NestRinse;
import org.nestrinse.app.changes.ChangeCount;
import org.nestrinse.app.demo.TravellingClock;
import org.nestrinse.app.gather.pail.AssumedPieces;
import org.nestrinse.app.house.House;
import org.nestrinse.app.house.HouseMigration;
import org.nestrinse.app.house.HouseOpened;
import org.nestrinse.app.house.MadeUpHouse;
import org.nestrinse.app.ledger.LedgerCheck;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.jdbc.datasource.lookup.AbstractRoutingDataSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The real application on a free port with a data folder of its own; it can be stopped and started
 * again.
 */
public final class RunningApp implements AutoCloseable {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final HttpClient http = HttpClient.newHttpClient();
  private final boolean shared;
  private Path data;
  private @Nullable HikariDataSource database;
  private List<String> settings;
  private ConfigurableApplicationContext context;
  private int port;

  private RunningApp(Path data, boolean shared, List<String> settings) {
    this.data = data;
    this.shared = shared;
    this.settings = settings;
  }

  /** Returns an application with an empty household, at a moment from which its clock ticks. */
  public static RunningApp empty(String moment) {
    return SharedApps.with(founded(moment), settings(moment, false));
  }

  /**
   * Returns an application with the demo household, at a moment from which its clock ticks. The
   * household is made once for each moment, and every test works on its own copy.
   */
  public static RunningApp demo(String moment) {
    return SharedApps.with(lived(moment), settings(moment, true));
  }

  /** Returns an application with the demo household that was started with more settings. */
  public static RunningApp demo(String moment, String... more) {
    Path data = emptyFolder();
    LivedHouses.copy(lived(moment), data);
    return over(data, withMore(settings(moment, true), more));
  }

  private static String[] withMore(List<String> settings, String... more) {
    return Stream.concat(settings.stream(), Stream.of(more)).toArray(String[]::new);
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
    return over(emptyFolder(), withMore(settings(moment, true)));
  }

  /**
   * Returns an application over a data folder that is there already, which it deletes at its end.
   */
  public static RunningApp over(Path data, String... settings) {
    RunningApp app = new RunningApp(data, false, List.of(settings));
    app.start();
    return app;
  }

  /** Returns an application in a folder of its own that is put back and used again. */
  static RunningApp toShare(Path house, List<String> settings) {
    RunningApp app = new RunningApp(emptyFolder(), true, settings);
    LivedHouses.copy(house, app.data);
    app.start();
    return app;
  }

  private static List<String> settings(String moment, boolean demo) {
    return List.of("--nest.clock.start=" + moment, "--nest.demo=" + demo);
  }

  private static Path lived(String moment) {
    Path packed = packed();
    return kept(moment, withMore(settings(moment, true), "--nest.packed-house=" + packed));
  }

  private static Path founded(String moment) {
    return kept("empty " + moment, withMore(settings(moment, false)));
  }

  private static Path kept(String name, String... settings) {
    return LivedHouses.of(
        name,
        () -> {
          RunningApp app = over(emptyFolder(), settings);
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
    return over(data, withMore(settings(moment, false)));
  }

  /**
   * Returns an application with an empty household of its own, whose made-up one is yet to be moved
   * into from what the build packed.
   */
  public static RunningApp besideThePacked(String moment) {
    return over(
        emptyFolder(), withMore(settings(moment, false), "--nest.packed-house=" + packed()));
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
    ChangeCount changes = bean(ChangeCount.class);
    return new JdbcTemplate(
        new DelegatingDataSource(bean(DataSource.class)) {
          @Override
          public Connection getConnection() throws SQLException {
            changes.count();
            return super.getConnection();
          }
        });
  }

  /** Sets its clock forward, and does what its timers do then. */
  public void forward(Duration by) {
    bean(TravellingClock.class).forward(by);
    bean(ChangeCount.class).count();
    bean(AssumedPieces.class).catchUp();
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

  /**
   * Sends a request as a device with its own language and measures does, and returns the answer.
   */
  public Answer sendIn(String voice, String method, String path, String json) {
    return send(method, path, json, "Nest-Voice", voice);
  }

  /** Returns what a request answers that names itself, so that it counts once. */
  public Answer sendKeyed(String method, String path, String json, @Nullable String key) {
    return send(method, path, json, "Idempotency-Key", key);
  }

  private Answer send(
      String method, String path, String json, String header, @Nullable String value) {
    HttpRequest.BodyPublisher body =
        json == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(json);
    HttpRequest.Builder named =
        HttpRequest.newBuilder(URI.create(address() + path))
            .header("Content-Type", "application/json")
            .method(method, body);
    if (value != null) {
      named.header(header, value);
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

  /**
   * Puts another household in place of the one that is there, as if the application had just been
   * started with it.
   */
  void putBack(Path house, List<String> others) {
    settings = others;
    TravellingClock clock = bean(TravellingClock.class);
    clock.forward(Duration.between(clock.instant(), start(others)));
    replace(house);
    LedgerCheck check = bean(LedgerCheck.class);
    if (check.found().isEmpty() && check.notices().isEmpty()) {
      // The build checked its rows already. Checking them again for each test takes seconds.
      bean(AssumedPieces.class).catchUp();
    } else {
      context.publishEvent(new HouseOpened(House.OWN));
    }
  }

  /**
   * Puts a copy of another household's data in place of what is there, in a folder of its own,
   * brought up to this release as a start does it.
   */
  public void moveIn(Path house) {
    replace(house);
    context.publishEvent(new HouseOpened(House.OWN));
  }

  private void replace(Path house) {
    send("DELETE", "/api/v1/pretend/washer", null);
    Path old = data;
    data = emptyFolder();
    LivedHouses.copy(house, data);
    HikariDataSource before = database == null ? ownPool() : database;
    HikariConfig config = new HikariConfig();
    before.copyStateTo(config);
    config.setJdbcUrl(before.getJdbcUrl().replace(old.toString(), data.toString()));
    database = new HikariDataSource(config);
    AbstractRoutingDataSource houses = context.getBean("houses", AbstractRoutingDataSource.class);
    houses.setTargetDataSources(
        Map.of(House.OWN, database, House.MADE_UP, context.getBean("madeUpDatabase")));
    houses.setDefaultTargetDataSource(database);
    houses.initialize();
    before.close();
    LivedHouses.deleteIfPossible(old);
    bean(HouseMigration.class).migrate(bean(DataSource.class), data);
    bean(ChangeCount.class).count();
  }

  private HikariDataSource ownPool() {
    return context.getBean("ownDatabase", HikariDataSource.class);
  }

  private static Instant start(List<String> settings) {
    return Instant.parse(settings.get(0).substring(settings.get(0).indexOf('=') + 1));
  }

  /** Returns whether only its own household was looked at. */
  boolean hasOneHouse() {
    return bean(MadeUpHouse.class).isShut();
  }

  private void stop() {
    synchronized (RunningApp.class) {
      context.close();
    }
    if (database != null) {
      database.close();
      database = null;
    }
  }

  @Override
  public void close() {
    if (!shared || !SharedApps.takeBack(this)) {
      end();
    }
  }

  /** Stops it for good and deletes its data. */
  void end() {
    stop();
    LivedHouses.delete(data);
  }

  /** Returns whether it serves the demo household. */
  boolean isDemo() {
    return settings.contains("--nest.demo=true");
  }
}
