package org.nestrinse.core.why;

import java.util.ArrayList;
import java.util.List;

/**
 * The reason of one number: a title (the number itself), one or two sentences, the inputs line by
 * line, and where the formula comes from.
 *
 * @param title the number as shown, such as "2¼ scoops"
 * @param sentence the reason in plain words
 * @param lines inputs and steps; the last line marked as total is the result
 * @param source where the formula is described, such as "docs/models.md, section 3"
 */
public record Why(String title, String sentence, List<Line> lines, String source) {

  /**
   * One input or step.
   *
   * @param label what it is
   * @param value the value with its unit
   * @param total whether this line is the result of those above it
   */
  public record Line(String label, String value, boolean total) {}

  public Why {
    lines = List.copyOf(lines);
  }

  /** Returns a reason that still has no lines; add them with {@link Builder#line}. */
  public static Builder of(String title, String sentence) {
    return new Builder(title, sentence);
  }

  /** Collects the lines of a reason. */
  public static final class Builder {
    private final String title;
    private final String sentence;
    private final List<Line> lines = new ArrayList<>();

    private Builder(String title, String sentence) {
      this.title = title;
      this.sentence = sentence;
    }

    /** Adds an input or a step, and returns this builder. */
    public Builder line(String label, String value) {
      lines.add(new Line(label, value, false));
      return this;
    }

    /** Adds the result, and returns this builder. */
    public Builder total(String label, String value) {
      lines.add(new Line(label, value, true));
      return this;
    }

    /** Returns the finished reason, pointing to a section of docs/models.md. */
    public Why section(int number) {
      return source("Estimate by docs/models.md, section " + number + ".");
    }

    /** Returns the finished reason with a source in words. */
    public Why source(String source) {
      return new Why(title, sentence, lines, source);
    }
  }
}
