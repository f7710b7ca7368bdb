package org.nestrinse.app.record;

import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.WashViews;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/record")
class RecordController {
  private final RoundService rounds;
  private final RecordExport export;

  RecordController(RoundService rounds, RecordExport export) {
    this.rounds = rounds;
    this.export = export;
  }

  @GetMapping
  WashViews.SummaryPage page(
      @RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "20") int size) {
    return rounds.page(page, size);
  }

  @PatchMapping("/{id}")
  WashViews.Summary note(@PathVariable long id, @RequestBody RoundService.NoteChange change) {
    return rounds.note(id, change);
  }

  @GetMapping(value = "/rounds.csv", produces = "text/csv")
  ResponseEntity<String> csv() {
    return download(
            "rounds.csv", new MediaType("text", "csv", java.nio.charset.StandardCharsets.UTF_8))
        .body(export.csv());
  }

  @GetMapping("/rounds.json")
  ResponseEntity<RecordExport.Document> json() {
    return download("rounds.json", MediaType.APPLICATION_JSON).body(export.document());
  }

  private static ResponseEntity.BodyBuilder download(String name, MediaType type) {
    String disposition = ContentDisposition.attachment().filename(name).build().toString();
    return ResponseEntity.ok()
        .contentType(type)
        .header(HttpHeaders.CONTENT_DISPOSITION, disposition);
  }
}
