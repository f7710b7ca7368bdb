package org.nestrinse.app.ledger;

import java.util.List;
import org.nestrinse.app.ledger.LedgerService.Difference;
import org.nestrinse.app.store.UnreadableRows;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What differs between counts and places, and mending it. */
@RestController
@RequestMapping("/api/v1/ledger")
class LedgerController {
  private final LedgerService ledger;
  private final LedgerCheck check;
  private final UnreadableRows unreadable;

  LedgerController(LedgerService ledger, LedgerCheck check, UnreadableRows unreadable) {
    this.ledger = ledger;
    this.check = check;
    this.unreadable = unreadable;
  }

  @GetMapping
  List<Difference> differences() {
    return ledger.differences();
  }

  @GetMapping("/unreadable")
  List<UnreadableRows.Unknown> unreadable() {
    return unreadable.find();
  }

  @PostMapping("/mend")
  List<Difference> mend() {
    ledger.mend();
    check.look();
    return check.found();
  }
}
