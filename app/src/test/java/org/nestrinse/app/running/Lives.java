package org.nestrinse.app.running;

import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;

/** Finds things in answers by the name that a person knows them by. */
public final class Lives {
  private Lives() {}

  /** Returns the element of a list whose field has this text; fails when there is none. */
  public static JsonNode named(JsonNode list, String field, String text) {
    return StreamSupport.stream(list.spliterator(), false)
        .filter(e -> e.get(field).asString().equals(text))
        .findFirst()
        .orElseThrow(() -> new AssertionError("nothing has " + field + " " + text + " in " + list));
  }

  /** Returns the stock of a kind. */
  public static JsonNode stock(RunningApp app, String kind) {
    return named(app.get("/api/v1/kinds").json(), "name", kind).get("stock");
  }

  /** Returns a pail. */
  public static JsonNode pail(RunningApp app, String name) {
    return named(app.get("/api/v1/pails").json().get("pails"), "name", name);
  }

  /** Returns the number of a kind. */
  public static long kindId(RunningApp app, String kind) {
    return named(app.get("/api/v1/kinds").json(), "name", kind).get("id").asLong();
  }

  /** Returns the number of a product by its name. */
  public static long productId(RunningApp app, String name) {
    for (JsonNode p : app.get("/api/v1/products").json()) {
      if (p.get("product").get("name").asString().equals(name)) {
        return p.get("product").get("id").asLong();
      }
    }
    throw new AssertionError(name);
  }
}
