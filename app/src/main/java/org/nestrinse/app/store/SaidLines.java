package org.nestrinse.app.store;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;

/** Stores a list of messages, one on each line. */
@Converter
public final class SaidLines implements AttributeConverter<List<Said>, String> {
  private final SaidColumn one = new SaidColumn();

  @Override
  public @Nullable String convertToDatabaseColumn(@Nullable List<Said> all) {
    return all == null
        ? null
        : all.stream().map(one::convertToDatabaseColumn).collect(Collectors.joining("\n"));
  }

  @Override
  public @Nullable List<Said> convertToEntityAttribute(@Nullable String kept) {
    return kept == null
        ? null
        : kept.lines().filter(line -> !line.isBlank()).map(one::convertToEntityAttribute).toList();
  }
}
