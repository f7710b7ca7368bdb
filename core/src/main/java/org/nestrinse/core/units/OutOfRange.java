package org.nestrinse.core.units;

/** Says that a value cannot be computed with: which field, which value, and what is allowed. */
public final class OutOfRange extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String field;
  private final String value;
  private final String allowed;

  /**
   * Makes the error.
   *
   * @param field the name of the input, as the caller knows it
   * @param value the value as given
   * @param allowed what is allowed, in words: "0.001 to 50 kg"
   */
  public OutOfRange(String field, Object value, String allowed) {
    super(field + " is " + value + "; allowed is " + allowed + ".");
    this.field = field;
    this.value = String.valueOf(value);
    this.allowed = allowed;
  }

  /** Returns the name of the input that was refused. */
  public String field() {
    return field;
  }

  /** Returns the refused value as text. */
  public String value() {
    return value;
  }

  /** Returns what is allowed, in words. */
  public String allowed() {
    return allowed;
  }
}
