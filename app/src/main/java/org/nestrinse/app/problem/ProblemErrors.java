package org.nestrinse.app.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.nestrinse.app.speech.Speech;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Turns what fails before a controller is reached into a problem document too. */
@Controller
class ProblemErrors implements ErrorController {
  private final Speech speech;

  ProblemErrors(Speech speech) {
    this.speech = speech;
  }

  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatus known = code instanceof Integer number ? HttpStatus.resolve(number) : null;
    HttpStatus status = known == null ? HttpStatus.BAD_REQUEST : known;
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            status,
            speech.words(
                status.is5xxServerError() ? ProblemSaying.BROKE : ProblemSaying.NOT_UNDERSTOOD));
    problem.setTitle(status.getReasonPhrase());
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }
}
