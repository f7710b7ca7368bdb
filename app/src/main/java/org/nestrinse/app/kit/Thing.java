package org.nestrinse.app.kit;

/** What the household has and can remove. */
public enum Thing {
  PERSON("person"),
  KIND("kind"),
  PRODUCT("product"),
  MACHINE("machine"),
  DRYER("dryer"),
  PLACE("place");

  private final String words;

  Thing(String words) {
    this.words = words;
  }

  /** Returns it in a word. */
  public Said said() {
    return words;
  }
}
