package org.nestrinse.app.record;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.WashViews;
import org.nestrinse.core.judge.Sign;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/record")
class RecordController {
  private final RoundService rounds;
  private final RecordService record;
  private final ObservationService observations;
  private final RecordArchive archive;

  RecordController(
      RoundService rounds,
      RecordService record,
      ObservationService observations,
      RecordArchive archive) {
    this.rounds = rounds;
    this.record = record;
    this.observations = observations;
    this.archive = archive;
  }

  @GetMapping
  WashViews.SummaryPage page(
      @RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "20") int size) {
    return rounds.page(page, size);
  }

  @GetMapping("/{id:\\d+}")
  WashViews.Summary one(@PathVariable long id) {
    return rounds.summary(id);
  }

  @PatchMapping("/{id}")
  WashViews.Summary note(@PathVariable long id, @RequestBody RoundService.NoteChange change) {
    return rounds.note(id, change);
  }

  @GetMapping("/story")
  RecordViews.Story story(@RequestParam(defaultValue = "70") int days) {
    return record.story(days);
  }

  @GetMapping("/beside")
  RecordViews.Beside beside(
      @RequestParam LocalDate aFrom,
      @RequestParam LocalDate aTo,
      @RequestParam LocalDate bFrom,
      @RequestParam LocalDate bTo) {
    return record.beside(aFrom, aTo, bFrom, bTo);
  }

  @GetMapping("/costs")
  RecordViews.Costs costs() {
    return record.costs();
  }

  @GetMapping("/taps")
  List<ObservationService.Tap> taps(@RequestParam Sign.Where where) {
    return observations.taps(where);
  }

  @PostMapping("/observations")
  @ResponseStatus(HttpStatus.CREATED)
  ObservationService.Observation see(@RequestBody ObservationService.Sent sent) {
    return observations.see(sent);
  }

  @DeleteMapping("/observations/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable long id) {
    observations.forget(id);
  }

  @GetMapping(value = "/{part:[a-z]+}.csv", produces = "text/csv")
  ResponseEntity<String> csv(@PathVariable String part) {
    return download(part + ".csv", new MediaType("text", "csv", StandardCharsets.UTF_8))
        .body(archive.csv(part));
  }

  @GetMapping("/record.json")
  ResponseEntity<Map<String, @Nullable Object>> json() {
    return download("record.json", MediaType.APPLICATION_JSON).body(archive.document());
  }

  @PostMapping("/files")
  RecordArchive.Preview read(@RequestBody RecordArchive.Sent sent) {
    return archive.read(sent);
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void wipe() {
    archive.wipe();
  }

  private static ResponseEntity.BodyBuilder download(String name, MediaType type) {
    String disposition = ContentDisposition.attachment().filename(name).build().toString();
    return ResponseEntity.ok()
        .contentType(type)
        .header(HttpHeaders.CONTENT_DISPOSITION, disposition);
  }
}
