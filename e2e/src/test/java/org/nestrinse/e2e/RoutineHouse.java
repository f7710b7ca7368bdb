package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.Collectors;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A household of its own way, furnished from what the set-up offers. */
record RoutineHouse(RunningApp app) {
  /** Owns white cotton whose label allows the hottest wash. */
  RoutineHouse ownsWhite(String name, int count, double massKg, boolean small) {
    done(
        "POST",
        "/api/v1/kinds",
        """
        {"name":"%s","role":"TOWEL","bin":"HOUSE","areaM2":0.4,"small":%s,"owned":%d,
         "colour":"PALE","label":{"hottestWashC":90},
         "parts":[{"name":"body","material":"COTTON","massKg":%s,"elastic":false}]}"""
            .formatted(name, small, count, massKg));
    return this;
  }

  /** Says how many of each kind are owned. */
  RoutineHouse owns(Map<String, Integer> counts) {
    String json =
        counts.entrySet().stream()
            .map(e -> "\"%s\":%d".formatted(e.getKey(), e.getValue()))
            .collect(Collectors.joining(",", "{\"counts\":{", "}}"));
    done("PUT", "/api/v1/set-up/pieces", json);
    return this;
  }

  /** Adds what the set-up offers under these names: people, products and places. */
  RoutineHouse has(String... names) {
    JsonNode sorts = app.get("/api/v1/set-up").json().get("sorts");
    for (String name : names) {
      for (String things : new String[] {"people", "products", "places"}) {
        for (JsonNode sort : sorts.get(things)) {
          if (sort.get("name").asString().equals(name)) {
            done("POST", "/api/v1/" + things, sort.toString());
          }
        }
      }
    }
    return this;
  }

  /** Washes in a machine of this type, as the set-up offers it. */
  RoutineHouse washesIn(String type) {
    for (JsonNode washer : app.get("/api/v1/set-up").json().at("/sorts/washers")) {
      JsonNode machine = washer.get("machine");
      if (machine.get("type").asString().equals(type)) {
        done("POST", "/api/v1/machines", machine.toString());
      }
    }
    return this;
  }

  RoutineHouse hasDryer() {
    done("POST", "/api/v1/dryers", app.get("/api/v1/set-up").json().at("/sorts/dryer").toString());
    return this;
  }

  /** Has water of this hardness [mmol/L]. */
  RoutineHouse water(double hardnessMmolL) {
    done(
        "PUT",
        "/api/v1/set-up/water",
        "{\"hardnessMmolL\":%s,\"inletC\":12}".formatted(hardnessMmolL));
    return this;
  }

  /** Chose this method when the house was set up. */
  RoutineHouse usually(String method) {
    ObjectNode house = (ObjectNode) app.get("/api/v1/household").json();
    house.remove("trim");
    house.put("usualMethod", method);
    done("PUT", "/api/v1/household", house.toString());
    return this;
  }

  /** Ends the set-up, which puts up the pails. */
  RoutineHouse ready() {
    done("PUT", "/api/v1/set-up/done", "");
    return this;
  }

  /** Puts up a pail. */
  RoutineHouse pail(String name, String style) {
    done(
        "POST",
        "/api/v1/pails",
        "{\"name\":\"%s\",\"style\":\"%s\",\"capacityL\":60}".formatted(name, style));
    return this;
  }

  /** Puts pieces into a pail. */
  void fill(String pail, String kind, int count, String soil) {
    done(
        "POST",
        "/api/v1/pails/%d/entries".formatted(Lives.pail(app, pail).get("id").asLong()),
        "{\"kindId\":%d,\"count\":%d,\"soil\":\"%s\",\"solids\":\"%s\"}"
            .formatted(
                Lives.kindId(app, kind),
                count,
                soil,
                soil.equals("STOOL") || soil.equals("VOMIT") ? "LINER" : "NONE"));
  }

  private void done(String verb, String address, String json) {
    RunningApp.Answer answer = app.send(verb, address, json);
    assertThat(answer.status()).as(address + " " + json + " " + answer.body()).isBetween(200, 201);
  }
}
