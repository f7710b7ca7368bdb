package org.nestrinse.app.store;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.said.Plain;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.util.ClassUtils;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Stores a {@link Said} as its key and values, {@code {"say":"…","with":{…}}}. Any language and any
 * later release can then word it. Older rows hold plain text, which stays as it is.
 */
final class SaidJson {
  /** How a text begins that holds a key. */
  static final String OPENING = "{\"say\":";

  private static final String SAY = "say";
  private static final String WITH = "with";
  private static final String AMOUNT = "amount";
  private static final String UNIT = "unit";
  private static final String DIGITS = "digits";
  private static final String AT = "at";
  private static final String DAY = "day";
  private static final String TIME = "time";
  private static final String WEEKDAY = "weekday";
  private static final Map<String, Saying> SAYINGS = sayings();

  /** Lists that had other names in earlier releases. */
  private static final Map<String, String> FORMER_LISTS =
      Map.of(
          "gather.spell-sort", "gather.spell-cause",
          "dry.course-sort", "dry.course-event",
          "shelf.week-extras-sort", "shelf.week-extras-purpose",
          "kit.place-sort", "kit.place-type");

  private SaidJson() {}

  /** Returns the module that keeps it. */
  static JacksonModule module() {
    SimpleModule module = new SimpleModule("said");
    module.addSerializer(Said.class, new Writer());
    module.addDeserializer(Said.class, new Reader());
    return module;
  }

  private static Map<String, Saying> sayings() {
    ClassPathScanningCandidateComponentProvider scan =
        new ClassPathScanningCandidateComponentProvider(false) {
          @Override
          protected boolean isCandidateComponent(AnnotatedBeanDefinition definition) {
            return true;
          }
        };
    scan.addIncludeFilter(new AssignableTypeFilter(Saying.class));
    Map<String, Saying> all = new HashMap<>();
    for (BeanDefinition found : scan.findCandidateComponents("org.nestrinse")) {
      Class<?> list =
          ClassUtils.resolveClassName(
              String.valueOf(found.getBeanClassName()), SaidJson.class.getClassLoader());
      if (list.isEnum()) {
        for (Object saying : list.getEnumConstants()) {
          all.put(((Saying) saying).key(), (Saying) saying);
        }
      }
    }
    return Map.copyOf(all);
  }

  private static final class Writer extends ValueSerializer<Said> {
    @Override
    public void serialize(Said said, JsonGenerator out, SerializationContext context) {
      out.writeStartObject();
      out.writeStringProperty(SAY, said.saying().key());
      if (!said.values().isEmpty()) {
        out.writeName(WITH);
        out.writeStartObject();
        for (Map.Entry<String, Object> value : said.values().entrySet()) {
          out.writeName(value.getKey());
          write(value.getValue(), out, context);
        }
        out.writeEndObject();
      }
      out.writeEndObject();
    }

    private void write(Object value, JsonGenerator out, SerializationContext context) {
      if (value instanceof Said said) {
        serialize(said, out, context);
      } else if (value instanceof Integer count) {
        out.writeNumber(count);
      } else if (value instanceof String name) {
        out.writeString(name);
      } else if (value instanceof List<?> several) {
        out.writeStartArray();
        several.forEach(one -> write(one, out, context));
        out.writeEndArray();
      } else {
        out.writeStartObject();
        if (value instanceof Quantity quantity) {
          out.writeNumberProperty(AMOUNT, quantity.amount());
          out.writeStringProperty(UNIT, quantity.unit().name());
          out.writeNumberProperty(DIGITS, quantity.digits());
        } else if (value instanceof Instant moment) {
          out.writeStringProperty(AT, moment.toString());
        } else if (value instanceof LocalDate day) {
          out.writeStringProperty(DAY, day.toString());
        } else if (value instanceof DayOfWeek weekday) {
          out.writeStringProperty(WEEKDAY, weekday.name());
        } else if (value instanceof LocalTime time) {
          out.writeStringProperty(TIME, time.toString());
        }
        out.writeEndObject();
      }
    }
  }

  private static final class Reader extends ValueDeserializer<Said> {
    @Override
    public Said deserialize(JsonParser in, DeserializationContext context) {
      JsonNode kept = context.readTree(in);
      return kept.isObject() ? said(kept) : Said.oldNote(kept.asString(""));
    }

    private static Said said(JsonNode kept) {
      Saying saying = kept.has(SAY) ? SAYINGS.get(presentKey(kept.get(SAY).asString(""))) : null;
      if (saying == null) {
        return Said.of(Plain.NOT_READABLE);
      }
      try {
        Map<String, Object> values = new HashMap<>();
        if (kept.has(WITH)) {
          for (var value : kept.get(WITH).properties()) {
            if (saying.valueNames().contains(value.getKey())) {
              values.put(value.getKey(), value(value.getValue()));
            }
          }
        }
        return values.keySet().equals(saying.valueNames())
            ? new Said(saying, values)
            : Said.of(Plain.NOT_READABLE);
      } catch (IllegalArgumentException | DateTimeException e) {
        return Said.of(Plain.NOT_READABLE);
      }
    }

    /** What was kept under the former name of a list is found under its present one. */
    private static String presentKey(String key) {
      int name = key.lastIndexOf('.');
      String list = name < 0 ? key : key.substring(0, name);
      return FORMER_LISTS.getOrDefault(list, list) + (name < 0 ? "" : key.substring(name));
    }

    private static Object value(JsonNode kept) {
      if (kept.isInt()) {
        return kept.asInt();
      }
      if (kept.isArray()) {
        List<Object> several = new ArrayList<>();
        kept.forEach(one -> several.add(value(one)));
        return several;
      }
      if (kept.has(AMOUNT)) {
        return new Quantity(
            kept.get(AMOUNT).asDouble(),
            Unit.valueOf(kept.get(UNIT).asString("")),
            kept.get(DIGITS).asInt());
      }
      if (kept.has(AT)) {
        return Instant.parse(kept.get(AT).asString(""));
      }
      if (kept.has(DAY)) {
        return LocalDate.parse(kept.get(DAY).asString(""));
      }
      if (kept.has(WEEKDAY)) {
        return DayOfWeek.valueOf(kept.get(WEEKDAY).asString(""));
      }
      if (kept.has(TIME)) {
        return LocalTime.parse(kept.get(TIME).asString(""));
      }
      return kept.isObject() ? said(kept) : kept.asString("");
    }
  }
}
