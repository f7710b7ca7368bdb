package org.nestrinse.app.running;

import static org.assertj.core.api.Assertions.assertThat;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Loads of pieces made up for a test, each in a pail of its own. */
public record OwnPieces(RunningApp app) {

  /** Adds a kind of one part; returns its number. */
  public long kind(String name, String role, String bin, String material, String colour) {
    return created(
        "/api/v1/kinds",
        """
        {"name":"%s","role":"%s","bin":"%s","areaM2":0.16,"small":true,"owned":200,"colour":"%s",
         "parts":[{"name":"body","material":"%s","massKg":0.06,"elastic":false}]}"""
            .formatted(name, role, bin, colour, material));
  }

  /** Adds a person; returns the number. */
  public long person(String name, boolean sensitive, boolean newborn) {
    return created(
        "/api/v1/people",
        """
        {"name":"%s","about":"","sensitiveSkin":%s,"ill":false,"newborn":%s,"dayBundles":0,
         "nightBundles":0,"bedPads":0}"""
            .formatted(name, sensitive, newborn));
  }

  /**
   * Adds a product whose label allows 60 g in a bath; returns its number.
   *
   * @param more further fields, each with its comma before it
   */
  public long product(String name, String purpose, String form, String more) {
    RunningApp.Answer added =
        app.post(
            "/api/v1/products",
            """
            {"name":"%s","purpose":"%s","form":"%s","enzymes":false,"scented":false,"coats":false,
             "activator":false,"normal":{"softG":40,"mediumG":40,"hardG":40},
             "heavy":{"softG":40,"mediumG":40,"hardG":40},"referenceMassKg":4.5,"maxG":60,
             "scoopMl":30,"densityGMl":1.0,"packPrice":2,"packG":1000%s}"""
                .formatted(name, purpose, form, more));
    assertThat(added.status()).as(added.body()).isEqualTo(201);
    return added.json().get("product").get("id").asLong();
  }

  /** Puts pieces into a pail of their own, and makes the load of it. */
  public long load(long kind, int count, String soil) {
    return load(kind, count, soil, null);
  }

  /** Does the same for pieces that belong to a person. */
  public long load(long kind, int count, String soil, @Nullable Long person) {
    RunningApp.Answer made = tryLoad(kind, count, soil, person);
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return made.json().get("id").asLong();
  }

  /** Tries to put pieces into a pail of their own, and returns what it answers. */
  public RunningApp.Answer tryEntry(long kind, int count, String soil) {
    return entry(pail(null), kind, count, soil);
  }

  /** Tries it, and returns what it answers. */
  public RunningApp.Answer tryLoad(long kind, int count, String soil, @Nullable Long person) {
    long id = pail(person);
    RunningApp.Answer in = entry(id, kind, count, soil);
    assertThat(in.status()).as(in.body()).isEqualTo(201);
    return app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(id));
  }

  private long pail(@Nullable Long person) {
    String name = "pail " + System.nanoTime();
    String whose = person == null ? "" : ",\"personId\":" + person;
    RunningApp.Answer pail =
        app.post(
            "/api/v1/pails",
            "{\"name\":\"%s\",\"style\":\"BASKET\",\"capacityL\":60%s}".formatted(name, whose));
    assertThat(pail.status()).as(pail.body()).isEqualTo(201);
    return Lives.pail(app, name).get("id").asLong();
  }

  private RunningApp.Answer entry(long pail, long kind, int count, String soil) {
    return app.post(
        "/api/v1/pails/%d/entries".formatted(pail),
        "{\"kindId\":%d,\"count\":%d,\"soil\":\"%s\",\"solids\":\"NONE\"}"
            .formatted(kind, count, soil));
  }

  private long created(String path, String json) {
    RunningApp.Answer answer = app.post(path, json);
    assertThat(answer.status()).as(path + " " + answer.body()).isEqualTo(201);
    JsonNode made = answer.json();
    return made.get("id").asLong();
  }
}
