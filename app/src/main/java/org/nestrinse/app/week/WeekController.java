package org.nestrinse.app.week;

import java.time.Instant;
import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.app.presence.WeekSettings;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/week")
class WeekController {
  private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

  private final WeekService week;
  private final WeekSettings settings;
  private final WeekCalendar calendar;

  WeekController(WeekService week, WeekSettings settings, WeekCalendar calendar) {
    this.week = week;
    this.settings = settings;
    this.calendar = calendar;
  }

  @GetMapping
  @CachedAnswer
  WeekViews.Week week() {
    return week.week();
  }

  /** The week for calendars, as a file and to subscribe to. */
  @GetMapping(value = "/rounds.ics", produces = "text/calendar")
  ResponseEntity<String> calendar() {
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"nest-rinse-week.ics\"")
        .body(calendar.text());
  }

  @PutMapping("/settings")
  WeekViews.Week change(@RequestBody WeekSettings.Change change) {
    settings.change(change);
    return week.week();
  }

  @PutMapping("/people/{id}")
  WeekViews.Week there(@PathVariable long id, @RequestBody WeekSettings.TimeChange change) {
    settings.there(id, change);
    return week.week();
  }

  @PostMapping("/moves")
  WeekViews.Week move(@RequestBody WeekService.Move move) {
    week.move(move);
    return week.week();
  }

  @DeleteMapping("/moves/{start}")
  WeekViews.Week free(@PathVariable Instant start) {
    week.free(start);
    return week.week();
  }

  @PostMapping("/maintained")
  WeekViews.Week maintained() {
    settings.maintained();
    return week.week();
  }
}
