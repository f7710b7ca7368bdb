package org.nestrinse.app.kit.removal;

import org.nestrinse.app.kit.Thing;

/** What can be removed, as its address names it. */
enum Things {
  people(Thing.PERSON),
  kinds(Thing.KIND),
  products(Thing.PRODUCT),
  machines(Thing.MACHINE),
  dryers(Thing.DRYER),
  places(Thing.PLACE);

  /** All of them, as an address is matched. */
  static final String ALL = "people|kinds|products|machines|dryers|places";

  private final Thing thing;

  Things(Thing thing) {
    this.thing = thing;
  }

  /** Returns one of them. */
  Thing thing() {
    return thing;
  }
}
