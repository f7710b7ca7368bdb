package org.nestrinse.core.units;

import java.util.List;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;

/** Says that a value cannot be computed with: which field, which value, and what is allowed. */
public final class OutOfRange extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String field;
  private final transient Said value;
  private final transient Said allowed;

  /**
   * Makes the error.
   *
   * @param field the name of the input, as the caller knows it
   * @param value the value as given, or what it is
   * @param allowed what is allowed, such as "0.001 to 50 kg"
   */
  public OutOfRange(String field, Object value, Said allowed) {
    super(field + "=" + value + "/" + allowed);
    this.field = field;
    this.value =
        value instanceof Said || value instanceof Saying
            ? Said.from(value)
            : Said.from(String.valueOf(value));
    this.allowed = allowed;
  }

  /** Makes the error of a value for which no figures say what is allowed. */
  public OutOfRange(String field, Object value, Saying allowed) {
    this(field, value, Said.of(allowed));
  }

  /** Makes the error of a value that is none of the choices there are. */
  public static OutOfRange noneOf(String field, Object value, List<String> choices) {
    return new OutOfRange(field, value, Said.of(Allowed.ONE_OF).with("choices", Said.row(choices)));
  }

  /** Returns the name of the input that was refused. */
  public String field() {
    return field;
  }

  /** Returns the refused value. */
  public Said value() {
    return value;
  }

  /** Returns what is allowed. */
  public Said allowed() {
    return allowed;
  }
}
