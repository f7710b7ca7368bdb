package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.app.running.OwnPieces;
import org.nestrinse.app.running.RunningApp;

/** Pages are as short in an empty house, in one with two pails and in one with 99 kinds. */
@Tag("long")
class OtherHousesTest {
  private static final int MANY_KINDS = 99;
  private static final String PAIL = "{\"name\":\"%s\",\"style\":\"%s\",\"capacityL\":40}";

  /** What is in the house. */
  enum House {
    EMPTY,
    TWO_PAILS,
    MANY_KINDS
  }

  private static void furnish(RunningApp app, House house) {
    if (house == House.EMPTY) {
      return;
    }
    app.send("PUT", "/api/v1/set-up/pieces", "{\"counts\":{\"pocket shell\":20}}");
    app.post("/api/v1/pails", PAIL.formatted("First", "DRY_PAIL"));
    app.post("/api/v1/pails", PAIL.formatted("Second", "BASKET"));
    app.send("PUT", "/api/v1/set-up/done", "");
    if (house == House.MANY_KINDS) {
      OwnPieces own = new OwnPieces(app);
      for (int i = 1; i <= MANY_KINDS; i++) {
        own.kind("towel of a long name " + i, "TOWEL", "HOUSE", "COTTON", "PALE");
      }
    }
  }

  @ParameterizedTest
  @EnumSource
  void everyPageIsShortInBothSizes(House house) {
    try (RunningApp app = RunningApp.empty("2026-05-20T08:00:00Z");
        Browser browser = new Browser(app.address())) {
      furnish(app, house);
      List<String> wrong = new ArrayList<>();
      for (String view : Journey.VIEWS) {
        // There is no round in these houses.
        if (view.equals("/record/5")) {
          continue;
        }
        for (int width : new int[] {1280, 390}) {
          browser.viewport(width, width == 390 ? 844 : 800);
          browser.open(view);
          browser.settled();
          PageLength.of(browser).forEach(w -> wrong.add(view + " at " + width + ": " + w));
        }
      }
      browser.viewport(1280, 800);
      assertThat(wrong).isEmpty();
    }
  }
}
