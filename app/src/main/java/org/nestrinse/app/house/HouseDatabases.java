package org.nestrinse.app.house;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.core.task.TaskDecorator;
import org.springframework.jdbc.datasource.lookup.AbstractRoutingDataSource;

/** A database for each household; the thread's household decides which one answers. */
@Configuration
class HouseDatabases {
  /** The name of a database within its folder. */
  static final String FILE = "nest.mv.db";

  private static final String URL = "jdbc:h2:file:%s/nest;%s";

  @Bean(destroyMethod = "close")
  HikariDataSource ownDatabase(
      @Value("${nest.data}") Path folder,
      @Value("${nest.database-options}") String options,
      @Value("${nest.demo}") boolean madeUp,
      PackedHouse packed) {
    if (madeUp) {
      packed.moveInto(folder);
    }
    return pool("own", folder, options);
  }

  @Bean(destroyMethod = "close")
  HikariDataSource madeUpDatabase(
      @Value("${nest.data}") Path folder, @Value("${nest.database-options}") String options) {
    return pool("made-up", madeUpFolder(folder), options);
  }

  /** Returns where the made-up house lies. */
  static Path madeUpFolder(Path folder) {
    return folder.resolve("made-up");
  }

  private static HikariDataSource pool(String name, Path folder, String options) {
    HikariConfig config = new HikariConfig();
    config.setPoolName(name);
    config.setJdbcUrl(URL.formatted(folder.toAbsolutePath(), options));
    config.setUsername("sa");
    config.setPassword("");
    // Opened when it is first asked for: nobody may ever look at the made-up house.
    config.setInitializationFailTimeout(-1);
    config.setMinimumIdle(0);
    return new HikariDataSource(config);
  }

  @Bean
  @Primary
  DataSource houses(HikariDataSource ownDatabase, HikariDataSource madeUpDatabase) {
    Map<Object, Object> both = new HashMap<>();
    both.put(House.OWN, ownDatabase);
    both.put(House.MADE_UP, madeUpDatabase);
    AbstractRoutingDataSource routing =
        new AbstractRoutingDataSource() {
          @Override
          protected Object determineCurrentLookupKey() {
            return House.current();
          }
        };
    routing.setTargetDataSources(both);
    routing.setDefaultTargetDataSource(ownDatabase);
    return routing;
  }

  /** What a request hands to another thread goes on in its household. */
  @Bean
  TaskDecorator inTheSameHouse() {
    return work -> {
      House house = House.current();
      return () -> house.run(work);
    };
  }
}
