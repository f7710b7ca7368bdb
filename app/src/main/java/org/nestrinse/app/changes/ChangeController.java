package org.nestrinse.app.changes;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@Hidden
@RestController
class ChangeController {
  private final ChangeStream stream;

  ChangeController(ChangeStream stream) {
    this.stream = stream;
  }

  @GetMapping(value = "/api/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter changes() {
    return stream.listen();
  }
}
