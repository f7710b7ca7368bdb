package org.nestrinse.app.record;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.app.wash.round.RoundFiles;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.app.wash.round.RoundViews;
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
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/v1/record")
class RecordController {
  private final RoundService rounds;
  private final RecordService record;
  private final ObservationService observations;
  private final RecordArchive archive;
  private final RoundFiles files;
  private final MarkedService marked;

  RecordController(
      RoundService rounds,
      RecordService record,
      ObservationService observations,
      RecordArchive archive,
      RoundFiles files,
      MarkedService marked) {
    this.rounds = rounds;
    this.record = record;
    this.observations = observations;
    this.archive = archive;
    this.files = files;
    this.marked = marked;
  }

  @GetMapping
  @CachedAnswer
  RoundViews.SummaryPage page(
      @RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "20") int size) {
    return rounds.page(page, size);
  }

  @GetMapping("/{id:\\d+}")
  @CachedAnswer
  RoundViews.Summary one(@PathVariable long id) {
    return rounds.summary(id);
  }

  @DeleteMapping("/{id:\\d+}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    files.remove(id, true);
  }

  @PostMapping("/{id:\\d+}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBack(@PathVariable long id) {
    files.remove(id, false);
  }

  @PatchMapping("/{id}")
  RoundViews.Summary note(@PathVariable long id, @RequestBody RoundService.NoteChange change) {
    return rounds.note(id, change);
  }

  @GetMapping("/story")
  @CachedAnswer
  RecordViews.Story story(@RequestParam(defaultValue = "70") int days) {
    return record.story(days);
  }

  @GetMapping("/beside")
  @CachedAnswer
  RecordViews.Beside beside(
      @RequestParam LocalDate aFrom,
      @RequestParam LocalDate aTo,
      @RequestParam LocalDate bFrom,
      @RequestParam LocalDate bTo) {
    return record.beside(aFrom, aTo, bFrom, bTo);
  }

  @GetMapping("/costs")
  @CachedAnswer
  RecordViews.Costs costs() {
    return record.costs();
  }

  @GetMapping("/taps")
  @CachedAnswer
  List<ObservationService.Tap> taps(@RequestParam Sign.Where where) {
    return observations.taps(where);
  }

  @GetMapping("/marked")
  @CachedAnswer
  List<MarkedService.Marked> marked() {
    return marked.all();
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

  @GetMapping("/{part:[a-z]+}.csv")
  ResponseEntity<StreamingResponseBody> csv(@PathVariable String part) {
    archive.part(part);
    return download(part + ".csv", new MediaType("text", "csv", StandardCharsets.UTF_8))
        .body(out -> archive.csv(part, out));
  }

  @GetMapping("/record.json")
  ResponseEntity<StreamingResponseBody> json() {
    return download("record.json", MediaType.APPLICATION_JSON).body(archive::document);
  }

  /**
   * Reads a file, which is the body as it is.
   *
   * @param keep whether to keep it, or only to look
   */
  @PostMapping("/files")
  RecordArchive.Preview read(
      @RequestParam(defaultValue = "false") boolean keep, HttpServletRequest request)
      throws IOException {
    return archive.read(request.getInputStream(), keep);
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
