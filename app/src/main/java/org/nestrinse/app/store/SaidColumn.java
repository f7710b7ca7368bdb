package org.nestrinse.app.store;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Plain;
import org.nestrinse.core.said.Said;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Stores a message as its key and values; plain text in older rows stays as it is. */
@Converter
public final class SaidColumn implements AttributeConverter<Said, String> {
  private static final JsonMapper JSON = JsonMapper.builder().addModule(SaidJson.module()).build();

  @Override
  public @Nullable String convertToDatabaseColumn(@Nullable Said said) {
    if (said == null || said.nothing()) {
      return said == null ? null : "";
    }
    // An old note stays the plain text that it was.
    return said.saying() == Plain.OLD_NOTE
        ? String.valueOf(said.values().get(Plain.VALUE))
        : JSON.writeValueAsString(said);
  }

  @Override
  public @Nullable Said convertToEntityAttribute(@Nullable String kept) {
    if (kept == null || !kept.startsWith(SaidJson.OPENING)) {
      return kept == null ? null : Said.oldNote(kept);
    }
    try {
      return JSON.readValue(kept, Said.class);
    } catch (JacksonException e) {
      return Said.oldNote(kept);
    }
  }
}
