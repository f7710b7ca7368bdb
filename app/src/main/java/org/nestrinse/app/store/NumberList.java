package org.nestrinse.app.store;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Keeps numbers of rows in one column, commas between. */
@Converter
public final class NumberList implements AttributeConverter<List<Long>, String> {
  @Override
  public String convertToDatabaseColumn(@Nullable List<Long> numbers) {
    return numbers == null
        ? ""
        : numbers.stream().map(String::valueOf).collect(Collectors.joining(","));
  }

  @Override
  public List<Long> convertToEntityAttribute(@Nullable String text) {
    return text == null || text.isEmpty()
        ? List.of()
        : Arrays.stream(text.split(",")).map(Long::valueOf).toList();
  }
}
