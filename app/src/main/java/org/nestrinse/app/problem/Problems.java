package org.nestrinse.app.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.text.Names;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Makes problem documents, in words. */
@Component
public class Problems {
  private final Speech speech;
  private final JsonMapper json;

  Problems(Speech speech, JsonMapper json) {
    this.speech = speech;
    this.json = json;
  }

  /** Returns a problem document. */
  public ProblemDetail of(HttpStatus status, Said title, Said sentence) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, words(sentence));
    problem.setTitle(words(title));
    problem.setType(URI.create("about:blank"));
    return problem;
  }

  /** Answers a request with a problem document before any controller sees it. */
  public void answer(HttpServletResponse response, HttpStatus status, Saying title, Said sentence)
      throws IOException {
    answer(response, status, title.said(), sentence);
  }

  /** Answers a request with a problem document before any controller sees it. */
  public void answer(HttpServletResponse response, HttpStatus status, Said title, Said sentence)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.getOutputStream().write(json.writeValueAsBytes(of(status, title, sentence)));
  }

  /** Returns what a person calls a field, in the language of the device. */
  String name(String field) {
    return Names.ofFields(speech.language()).of(FieldName.of(field));
  }

  String words(Said said) {
    return speech.words(said);
  }
}
