package org.nestrinse.text;

/** The name of several of a kind whose name is English, until the household says it otherwise. */
public final class EnglishPlural {
  private EnglishPlural() {}

  /**
   * Returns the plural: "cloths", "small wet bags" for "wet bag, small", "training pants" for what
   * has no singular.
   */
  public static String of(String name) {
    int comma = name.indexOf(", ");
    if (comma > 0) {
      return name.substring(comma + 2) + " " + of(name.substring(0, comma));
    }
    if (name.endsWith("ss") || name.endsWith("x") || name.endsWith("ch") || name.endsWith("sh")) {
      return name + "es";
    }
    if (name.endsWith("s")) {
      return name;
    }
    return name.endsWith("y") && !name.matches(".*[aeou]y")
        ? name.substring(0, name.length() - 1) + "ies"
        : name + "s";
  }
}
