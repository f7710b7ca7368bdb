package org.nestrinse.app.web;

import java.beans.PropertyEditorSupport;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.type.LogicalType;

/** Takes input as it is meant, and refuses what would have to be guessed. */
@Configuration
class StrictInput {

  /** A key that stands twice, and a number where a text is meant, are mistakes. */
  @Bean
  JsonMapperBuilderCustomizer strictJson() {
    return builder ->
        builder
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .withCoercionConfig(
                LogicalType.Textual,
                c ->
                    c.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                        .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                        .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail));
  }

  /** Numbers in addresses are decimal: "0x10" and "010" are no 16 and no 8. */
  @ControllerAdvice
  static class DecimalNumbers {
    @InitBinder
    void decimal(WebDataBinder binder) {
      for (Class<?> type : List.of(Long.class, long.class, Integer.class, int.class)) {
        binder.registerCustomEditor(type, new Decimal(type == Integer.class || type == int.class));
      }
    }
  }

  private static final class Decimal extends PropertyEditorSupport {
    private static final Pattern WHOLE = Pattern.compile("-?(0|[1-9][0-9]{0,18})");
    private final boolean small;

    Decimal(boolean small) {
      this.small = small;
    }

    @Override
    public void setAsText(@Nullable String text) {
      if (text == null || !WHOLE.matcher(text).matches()) {
        throw new IllegalArgumentException("a whole number in decimal digits");
      }
      if (small) {
        setValue(Integer.valueOf(text));
      } else {
        setValue(Long.valueOf(text));
      }
    }
  }
}
