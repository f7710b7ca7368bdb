package org.nestrinse.app.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the OpenAPI document. */
@Configuration
class OpenApiDocument {
  @Bean
  OpenAPI openApi() {
    Info info =
        new Info()
            .title("Nest Rinse")
            .version("1")
            .description(
                "Plans and runs sanitising washes for a household. Masses in kg, doses in g, water in L.")
            .license(new License().name("Apache-2.0"));
    return new OpenAPI().info(info).servers(List.of());
  }
}
