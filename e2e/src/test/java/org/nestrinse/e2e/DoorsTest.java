package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What a page from a second origin can do here: nothing. */
@Tag("long")
class DoorsTest extends Journey {
  private HttpServer elsewhere;

  @BeforeEach
  void aPageElsewhere() throws IOException {
    elsewhere = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    elsewhere.createContext(
        "/",
        exchange -> {
          byte[] page = page().getBytes(StandardCharsets.UTF_8);
          exchange.getResponseHeaders().set("Content-Type", "text/html");
          exchange.sendResponseHeaders(200, page.length);
          exchange.getResponseBody().write(page);
          exchange.close();
        });
    elsewhere.start();
  }

  @AfterEach
  void close() {
    elsewhere.stop(0);
  }

  private int port() {
    return URI.create(app.address()).getPort();
  }

  private String page() {
    String round = app.address() + "/api/v1/rounds/" + running() + "/steps/1/done";
    return """
        <!doctype html><title>elsewhere</title><p id="said"></p>
        <form method="post" enctype="text/plain" action="%1$s"><button>Win</button></form>
        <script>
          const said = (text) => { document.getElementById('said').textContent += text + ' ' }
          const tries = [
            fetch('%1$s', { method: 'POST' }),
            fetch('%1$s', { method: 'POST', mode: 'no-cors' }),
            fetch('%2$s/api/v1/people'),
          ]
          Promise.allSettled(tries).then((all) => {
            said(all.map((t) => (t.status === 'fulfilled' && t.value.ok ? 'read' : 'nothing')).join(','))
            said('through')
          })
        </script>"""
        .formatted(round, app.address());
  }

  private long running() {
    return app.get("/api/v1/rounds/running").json().get("round").get("id").asLong();
  }

  private int step() {
    return app.get("/api/v1/rounds/running").json().get("round").get("currentStep").asInt();
  }

  @Test
  void aFormOnAnotherPageDoesNotTickOffARunningWash() {
    sortOneLoad();
    toTheWash();
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]", "Load the first set");

    String other = "http://127.0.0.1:" + elsewhere.getAddress().getPort() + "/";
    browser.driver().get(other);
    assertThat(browser.text("#said", t -> t.contains("through")))
        .isEqualTo("nothing,nothing,nothing through");
    browser.click("button", "Win");
    browser.see("body", "Another site may not change anything here.");
    assertThat(step()).isEqualTo(1);
  }

  @Test
  void aNameThatWasPointedHereReadsAndWritesNothing() {
    try (Browser rebound =
        new Browser(
            "http://rebound.example:" + port(),
            "--host-resolver-rules=MAP rebound.example 127.0.0.1")) {
      rebound.open("/api/v1/people");
      rebound.see("body", "Nest Rinse does not answer to that name");
      assertThat(rebound.driver().getPageSource()).doesNotContain("Linnet");
      Object written =
          rebound
              .driver()
              .executeAsyncScript(
                  """
                  const done = arguments[arguments.length - 1]
                  fetch('/api/v1/people', { method: 'POST', headers: { 'Content-Type': 'application/json' },
                    body: '{}' }).then((r) => done(r.status), () => done(0))""");
      assertThat(written).isEqualTo(421L);
    }
  }
}
