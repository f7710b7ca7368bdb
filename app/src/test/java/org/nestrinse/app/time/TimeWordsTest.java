package org.nestrinse.app.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.said.Said;
import org.nestrinse.text.Wording;

class TimeWordsTest {
  private static final Wording ENGLISH = Wording.of(Locale.ENGLISH);
  private static final Instant NOW = Instant.parse("2026-05-20T09:40:00Z");

  @ParameterizedTest
  @CsvSource({
    "2026-05-20T19:40:00Z, 19:40",
    "2026-05-21T06:00:00Z, tomorrow 6:00",
    "2026-05-19T23:05:00Z, yesterday 23:05",
    "2026-05-23T12:00:00Z, Sat 12:00",
    "2026-06-03T06:00:00Z, 3 Jun 6:00"
  })
  void near(String moment, String words) {
    TimeWords here = new TimeWords(ZoneId.of("UTC"), NOW);
    assertThat(ENGLISH.words(here.at(Instant.parse(moment)))).isEqualTo(words);
  }

  @Test
  void aDayIsTheHouseholdsDay() {
    TimeWords east = new TimeWords(ZoneId.of("Pacific/Auckland"), NOW);
    Said soon = east.at(Instant.parse("2026-05-20T12:30:00Z"));
    assertThat(soon.saying()).isEqualTo(TimeSaying.TOMORROW);
    assertThat(ENGLISH.words(soon)).isEqualTo("tomorrow 0:30");
  }

  @ParameterizedTest
  @CsvSource({
    "2026-05-20T09:00:00Z, 40 min",
    "2026-05-19T02:40:00Z, 31 h",
    "2026-05-13T09:40:00Z, 7 days",
    "2026-05-20T10:00:00Z, 0 min"
  })
  void ages(String moment, String words) {
    TimeWords here = new TimeWords(ZoneId.of("UTC"), NOW);
    assertThat(ENGLISH.words(here.ago(Instant.parse(moment)))).isEqualTo(words);
  }

  /**
   * The morning after a night with 23 or 25 hours is tomorrow at its own hour, in every language.
   */
  @ParameterizedTest
  @CsvSource({
    "Europe/Berlin, 2026-03-28T20:00, 2026-03-29T07:00",
    "Europe/Berlin, 2026-10-24T20:00, 2026-10-25T07:00",
    "America/New_York, 2026-03-07T20:00, 2026-03-08T07:00",
    "America/New_York, 2026-10-31T20:00, 2026-11-01T07:00",
    "Australia/Sydney, 2026-10-03T20:00, 2026-10-04T07:00",
    "Australia/Sydney, 2026-04-04T20:00, 2026-04-05T07:00"
  })
  void overTheChangesOfTheClock(String zone, LocalDateTime evening, LocalDateTime morning) {
    ZoneId home = ZoneId.of(zone);
    TimeWords words = new TimeWords(home, evening.atZone(home).toInstant());
    Said at = words.at(morning.atZone(home).toInstant());
    assertThat(ENGLISH.words(at)).isEqualTo("tomorrow 7:00");
    assertThat(Wording.of(Locale.GERMAN).words(at)).isEqualTo("morgen 7:00");
  }
}
