package org.nestrinse.app.web;

import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.core.jackson.TypeNameResolver;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The OpenAPI document: its head, short names that do not collide, and which fields are always
 * there.
 */
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
    return new OpenAPI().info(info).servers(List.of(new Server().url("/")));
  }

  @Bean
  ModelResolver modelResolver() {
    return new RecordResolver();
  }

  /**
   * Names a nested record after its feature: KindService.Change becomes KindChange,
   * GatherViews.Pail becomes Pail.
   */
  private static final class FeatureNames extends TypeNameResolver {
    @Override
    protected String nameForClass(Class<?> type, Set<Options> options) {
      Class<?> outer = type.getDeclaringClass();
      if (outer == null
          || outer.getSimpleName().endsWith("Views")
          || outer.getSimpleName().endsWith("Controller")) {
        return type.getSimpleName();
      }
      return outer.getSimpleName().replaceAll("Service$", "") + type.getSimpleName();
    }
  }

  /** Marks what a record always has as required. */
  private static final class RecordResolver extends ModelResolver {
    RecordResolver() {
      super(Json31.mapper(), new FeatureNames());
      openapi31(true);
    }

    @Override
    public Schema<?> resolve(
        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> next) {
      Class<?> raw = TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
      if (raw == Said.class) {
        return context.resolve(new AnnotatedType(String.class));
      }
      Schema<?> schema = super.resolve(type, context, next);
      if (raw.isRecord()) {
        Schema<?> model =
            context
                .getDefinedModels()
                .get(
                    _typeNameResolver.nameForType(
                        TypeFactory.defaultInstance().constructType(raw)));
        if (model != null) {
          model.setRequired(
              Arrays.stream(raw.getRecordComponents())
                  .filter(c -> !c.getAnnotatedType().isAnnotationPresent(Nullable.class))
                  .map(RecordComponent::getName)
                  .sorted()
                  .toList());
        }
      }
      return schema;
    }
  }
}
