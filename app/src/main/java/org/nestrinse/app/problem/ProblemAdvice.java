package org.nestrinse.app.problem;

import java.net.URI;
import java.time.DateTimeException;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.CannotPlan;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns every error into a problem document with a sentence a person understands. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

  @ExceptionHandler(OutOfRange.class)
  ProblemDetail outOfRange(OutOfRange e) {
    return field(e.field(), e.value(), e.allowed());
  }

  @ExceptionHandler(NotFound.class)
  ProblemDetail notFound(NotFound e) {
    return problem(HttpStatus.NOT_FOUND, "Not there", e.getMessage());
  }

  @ExceptionHandler(NotNow.class)
  ProblemDetail notNow(NotNow e) {
    return problem(HttpStatus.CONFLICT, "Not now", e.getMessage());
  }

  @ExceptionHandler(CannotPlan.class)
  ProblemDetail cannotPlan(CannotPlan e) {
    return problem(HttpStatus.UNPROCESSABLE_CONTENT, "No plan fits", e.getMessage());
  }

  @ExceptionHandler(Stale.class)
  ProblemDetail stale(Stale e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, "Changed meanwhile", e.getMessage());
    problem.setProperty("current", e.current());
    return problem;
  }

  @ExceptionHandler(ConcurrencyFailureException.class)
  ProblemDetail lostRace(ConcurrencyFailureException e) {
    return problem(
        HttpStatus.CONFLICT,
        "Changed meanwhile",
        "Someone else changed this at the same moment. Look again and repeat.");
  }

  @ExceptionHandler(DataIntegrityViolationException.class)
  ProblemDetail integrity(DataIntegrityViolationException e) {
    LOG.warn("refused by the database: {}", e.getMostSpecificCause().getMessage());
    return problem(
        HttpStatus.CONFLICT, "Not now", "This contradicts what is stored. Look again and repeat.");
  }

  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ProblemDetail wrongParameter(MethodArgumentTypeMismatchException e) {
    Class<?> type = e.getRequiredType();
    return field(
        e.getName(), String.valueOf(e.getValue()), type == null ? "another type" : allowed(type));
  }

  /** Days and moments so far away that nothing can be reckoned with them. */
  @ExceptionHandler(DateTimeException.class)
  ProblemDetail noSuchTime(DateTimeException e) {
    return field("time", "out of reach", "a day or moment from 2000 to 2100");
  }

  @ExceptionHandler(Exception.class)
  ProblemDetail unexpected(Exception e) {
    LOG.error("unexpected", e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Something broke",
        "That should not happen. Nothing was changed; try again.");
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
      MissingServletRequestParameterException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.badRequest().body(field(e.getParameterName(), "missing", "a value"));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.badRequest().body(unreadable(e.getCause()));
  }

  private static ProblemDetail unreadable(@Nullable Throwable cause) {
    if (cause != null && cause.getCause() instanceof OutOfRange inner) {
      return field(inner.field(), inner.value(), inner.allowed());
    }
    if (cause instanceof UnrecognizedPropertyException e) {
      String known =
          e.getKnownPropertyIds() == null
              ? ""
              : e.getKnownPropertyIds().stream()
                  .map(String::valueOf)
                  .sorted()
                  .collect(Collectors.joining(", "));
      return field(path(e), "not a known field", "one of " + known);
    }
    if (cause instanceof InvalidFormatException e) {
      return field(path(e), String.valueOf(e.getValue()), allowed(e.getTargetType()));
    }
    if (cause instanceof MismatchedInputException e && !e.getPath().isEmpty()) {
      Class<?> type = e.getTargetType();
      return field(
          path(e), "of another type", type == null ? "a value of the right type" : allowed(type));
    }
    String where = "";
    if (cause instanceof JacksonException e
        && e.getLocation() != null
        && e.getLocation().getLineNr() > 0) {
      where =
          " Line "
              + e.getLocation().getLineNr()
              + ", column "
              + e.getLocation().getColumnNr()
              + ".";
    }
    return field("body", "not readable as JSON", "one well-formed JSON object." + where);
  }

  private static String path(DatabindException e) {
    String path =
        e.getPath().stream()
            .map(
                r ->
                    r.getPropertyName() == null
                        ? "[" + r.getIndex() + "]"
                        : "." + r.getPropertyName())
            .collect(Collectors.joining());
    return path.startsWith(".") ? path.substring(1) : path;
  }

  private static String allowed(Class<?> type) {
    if (type.isEnum()) {
      return "one of "
          + Arrays.stream(type.getEnumConstants())
              .map(String::valueOf)
              .collect(Collectors.joining(", "));
    }
    if (type == Integer.class || type == int.class || type == Long.class || type == long.class) {
      return "a whole number";
    }
    if (Number.class.isAssignableFrom(type) || type == double.class) {
      return "a number";
    }
    if (type == Boolean.class || type == boolean.class) {
      return "true or false";
    }
    if (java.util.Collection.class.isAssignableFrom(type)) {
      return "a list";
    }
    return type == String.class ? "a text" : "a value such as the API document describes";
  }

  private static ProblemDetail field(String field, String value, String allowed) {
    String shown = value.length() > 80 ? value.substring(0, 80) + "…" : value;
    String end = allowed.endsWith(".") ? "" : ".";
    ProblemDetail problem =
        problem(
            HttpStatus.BAD_REQUEST,
            "Check " + field,
            field + " is " + shown + "; allowed is " + allowed + end);
    problem.setProperty("field", field);
    problem.setProperty("value", shown);
    problem.setProperty("allowed", allowed);
    return problem;
  }

  private static ProblemDetail problem(HttpStatus status, String title, @Nullable String sentence) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(status, sentence == null ? title : sentence);
    problem.setTitle(title);
    problem.setType(URI.create("about:blank"));
    return problem;
  }
}
