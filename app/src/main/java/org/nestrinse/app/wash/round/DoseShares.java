package org.nestrinse.app.wash.round;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.CommaList;
import org.nestrinse.core.wash.step.PlannedDose;

/**
 * How much of each dose of a step went in.
 *
 * @param shares in the order of the doses, 1 for all of it, null where it is not readable
 */
record DoseShares(List<@Nullable Double> shares) {
  /** Returns what went in of a dose. */
  PlannedDose of(int number, PlannedDose dose) {
    Double share = number < shares.size() ? shares.get(number) : null;
    return share == null ? dose : dose.taken(share);
  }

  /** Keeps them in one column. */
  @Converter
  static final class Column implements AttributeConverter<DoseShares, String> {
    private final CommaList.Decimals list = new CommaList.Decimals();

    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable DoseShares shares) {
      return shares == null ? null : list.convertToDatabaseColumn(shares.shares);
    }

    @Override
    public @Nullable DoseShares convertToEntityAttribute(@Nullable String text) {
      List<@Nullable Double> shares = list.convertToEntityAttribute(text);
      return shares == null ? null : new DoseShares(shares);
    }
  }
}
