package org.nestrinse.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class NestRinse {
  /** Starts it. */
  public static void main(String[] args) {
    SpringApplication.run(NestRinse.class, args);
  }
}
