package org.nestrinse.app.ledger;

import java.util.List;
import org.nestrinse.app.ledger.LedgerService.Difference;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What differs between counts and places, and mending it. */
@RestController
@RequestMapping("/api/ledger")
class LedgerController {
  private final LedgerService ledger;
  private final LedgerCheck check;

  LedgerController(LedgerService ledger, LedgerCheck check) {
    this.ledger = ledger;
    this.check = check;
  }

  @GetMapping
  List<Difference> differences() {
    return ledger.differences();
  }

  @PostMapping("/mend")
  List<Difference> mend() {
    ledger.mend();
    check.look();
    return check.found();
  }
}
