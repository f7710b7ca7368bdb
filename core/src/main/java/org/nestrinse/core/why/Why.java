package org.nestrinse.core.why;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;

/**
 * The reason of one number: a title (the number itself), one or two sentences, the inputs line by
 * line, and where the formula comes from.
 *
 * @param title the number as shown, such as "2¼ scoops"
 * @param sentence the reason
 * @param lines inputs and steps; the last line marked as total is the result
 * @param source how much it can be relied on
 * @param model the model it comes from; null when it is only counted or looked up
 */
public record Why(Said title, Said sentence, List<Line> lines, Said source, @Nullable Model model) {

  /**
   * One input or step.
   *
   * @param label what it is
   * @param value the value with its unit
   * @param total whether this line is the result of those above it
   */
  public record Line(Said label, Said value, boolean total) {}

  public Why {
    lines = List.copyOf(lines);
  }

  /**
   * Returns a reason that still has no lines; add them with {@link Builder#line}.
   *
   * @param title anything that can be worded, see {@link Said#from}
   * @param sentence the same
   */
  public static Builder of(Object title, Object sentence) {
    return new Builder(Said.from(title), Said.from(sentence));
  }

  /** Collects the lines of a reason. */
  public static final class Builder {
    private final Said title;
    private final Said sentence;
    private final List<Line> lines = new ArrayList<>();

    private Builder(Said title, Said sentence) {
      this.title = title;
      this.sentence = sentence;
    }

    /** Adds an input or a step, each anything that can be worded, and returns this builder. */
    public Builder line(Object label, Object value) {
      lines.add(new Line(Said.from(label), Said.from(value), false));
      return this;
    }

    /** Adds the result, and returns this builder. */
    public Builder total(Object label, Object value) {
      lines.add(new Line(Said.from(label), Said.from(value), true));
      return this;
    }

    /** Returns the finished reason of an estimate. */
    public Why by(Model model) {
      return by(model, WhySource.ESTIMATE);
    }

    /** Returns the finished reason by a model, with how much it can be relied on. */
    public Why by(Model model, Object source) {
      return new Why(title, sentence, lines, Said.from(source), model);
    }

    /** Returns the finished reason with its source, anything that can be worded. */
    public Why source(Object source) {
      return new Why(title, sentence, lines, Said.from(source), null);
    }
  }
}
