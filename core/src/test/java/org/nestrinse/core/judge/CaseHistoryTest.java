package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What an experienced carer would say, case by case. */
class CaseHistoryTest {
  private static final Instant NOON = Instant.parse("2026-05-20T12:00:00Z");

  record Case(String name, HouseFacts facts, List<Seen> seen, Cause cause, String check) {
    @Override
    public String toString() {
      return name;
    }
  }

  static List<Case> cases() throws IOException {
    try (BufferedReader file =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(CaseHistoryTest.class.getResourceAsStream("cases.txt")),
                StandardCharsets.UTF_8))) {
      return file.lines()
          .filter(line -> !line.isBlank() && !line.startsWith("#"))
          .map(CaseHistoryTest::parse)
          .toList();
    }
  }

  private static Case parse(String line) {
    String[] f = line.split("\\s*\\|\\s*");
    return new Case(f[0], facts(f[1]), seen(f[2]), Cause.valueOf(f[3]), f[4]);
  }

  private static HouseFacts facts(String text) {
    Map<String, String> given = new HashMap<>();
    for (String pair : text.isBlank() ? new String[0] : text.split(" ")) {
      given.put(pair.split("=")[0], pair.split("=")[1]);
    }
    RecordComponent[] components = HouseFacts.class.getRecordComponents();
    Object[] values = new Object[components.length];
    for (int i = 0; i < values.length; i++) {
      String value = given.remove(components[i].getName());
      values[i] =
          value == null
              ? null
              : components[i].getType() == Boolean.class
                  ? (Object) Boolean.valueOf(value)
                  : Double.valueOf(value);
    }
    assertThat(given).as("unknown facts").isEmpty();
    try {
      return (HouseFacts) HouseFacts.class.getDeclaredConstructors()[0].newInstance(values);
    } catch (ReflectiveOperationException e) {
      throw new AssertionError(e);
    }
  }

  private static List<Seen> seen(String text) {
    List<Seen> all = new ArrayList<>();
    for (String word : text.split(" ")) {
      String[] repeated = word.split("×");
      String[] finding = repeated[0].split("\\.");
      int times = repeated.length > 1 ? Integer.parseInt(repeated[1]) : 1;
      for (int i = 0; i < times; i++) {
        all.add(new Seen(Sign.valueOf(finding[0]), finding[1], NOON.plusSeconds(i), (long) i));
      }
    }
    return all;
  }

  @Test
  void atLeastEighteenOfTwentyAreNamedFirst() throws IOException {
    List<Case> cases = cases();
    assertThat(cases).hasSizeGreaterThanOrEqualTo(20);
    List<String> missed = new ArrayList<>();
    List<String> otherCheck = new ArrayList<>();
    for (Case c : cases) {
      Diagnosis d = Diagnosis.of(c.facts, c.seen);
      if (d.causes().isEmpty() || d.causes().get(0).cause() != c.cause) {
        missed.add(
            c.name
                + " "
                + d.causes().stream().map(r -> r.cause() + " " + r.probability()).toList());
      }
      boolean asExpected =
          c.check.equals("-")
              ? d.state() == Diagnosis.State.LIKELY
              : d.checks().stream().anyMatch(n -> n.sign().name().equals(c.check));
      if (!asExpected) {
        otherCheck.add(
            c.name + " " + d.checks().stream().map(n -> n.sign() + " " + n.worth()).toList());
      }
    }
    assertThat(missed.size()).as(String.join("\n", missed)).isLessThanOrEqualTo(cases.size() - 18);
    assertThat(otherCheck.size()).as(String.join("\n", otherCheck)).isLessThanOrEqualTo(2);
  }

  @ParameterizedTest
  @MethodSource("cases")
  void everyCauseIsAmongTheFirstThree(Case c) {
    assertThat(
            Diagnosis.of(c.facts, c.seen).causes().stream().limit(3).map(Diagnosis.Ranked::cause))
        .contains(c.cause);
  }

  @ParameterizedTest
  @MethodSource("cases")
  void probabilitiesAreOrderedAndNeverSure(Case c) {
    Diagnosis d = Diagnosis.of(c.facts, c.seen);
    double before = Diagnosis.MOST_SURE;
    for (Diagnosis.Ranked r : d.causes()) {
      assertThat(r.probability()).isBetween(0.0, before);
      assertThat(r.changes()).as("something to do about " + r.cause()).isNotEmpty();
      before = r.probability();
    }
    assertThat(d.causes().get(0).speaksFor()).isNotEmpty();
  }
}
