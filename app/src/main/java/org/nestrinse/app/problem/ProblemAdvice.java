package org.nestrinse.app.problem;

import java.time.DateTimeException;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.units.Allowed;
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
  private static final int LONGEST_SHOWN = 80;

  private final Problems problems;

  ProblemAdvice(Problems problems) {
    this.problems = problems;
  }

  @ExceptionHandler(OutOfRange.class)
  ProblemDetail outOfRange(OutOfRange e) {
    return field(e.field(), e.value(), e.allowed());
  }

  @ExceptionHandler(NotFound.class)
  ProblemDetail notFound(NotFound e) {
    return problem(HttpStatus.NOT_FOUND, ProblemSaying.NOT_THERE_TITLE, e.said());
  }

  @ExceptionHandler(StateConflict.class)
  ProblemDetail notNow(StateConflict e) {
    return problem(HttpStatus.CONFLICT, ProblemSaying.NOT_NOW_TITLE, e.said());
  }

  @ExceptionHandler(CannotPlan.class)
  ProblemDetail cannotPlan(CannotPlan e) {
    return problem(HttpStatus.UNPROCESSABLE_CONTENT, ProblemSaying.NO_PLAN_TITLE, e.said());
  }

  @ExceptionHandler(Stale.class)
  ProblemDetail stale(Stale e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, ProblemSaying.CHANGED_TITLE, e.said());
    problem.setProperty("current", e.current());
    return problem;
  }

  @ExceptionHandler(ConcurrencyFailureException.class)
  ProblemDetail lostRace(ConcurrencyFailureException e) {
    return problem(
        HttpStatus.CONFLICT, ProblemSaying.CHANGED_TITLE, ProblemSaying.LOST_RACE.said());
  }

  @ExceptionHandler(DataIntegrityViolationException.class)
  ProblemDetail integrity(DataIntegrityViolationException e) {
    LOG.warn("refused by the database: {}", e.getMostSpecificCause().getMessage());
    return problem(
        HttpStatus.CONFLICT, ProblemSaying.NOT_NOW_TITLE, ProblemSaying.CONTRADICTS.said());
  }

  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ProblemDetail wrongParameter(MethodArgumentTypeMismatchException e) {
    Class<?> type = e.getRequiredType();
    return field(
        e.getName(),
        String.valueOf(e.getValue()),
        type == null ? ProblemSaying.ANOTHER_TYPE.said() : allowed(type));
  }

  /** Days and moments so far away that nothing can be reckoned with them. */
  @ExceptionHandler(DateTimeException.class)
  ProblemDetail noSuchTime(DateTimeException e) {
    return field("time", ProblemSaying.OUT_OF_REACH, ProblemSaying.FROM_2000_TO_2100.said());
  }

  /** Whoever asked is gone; nobody reads an answer. */
  @ExceptionHandler(ClientAbortException.class)
  void gone(ClientAbortException e) {
    LOG.debug("the asking side is gone: {}", e.getMessage());
  }

  @ExceptionHandler(Exception.class)
  ProblemDetail unexpected(Exception e) {
    LOG.error("unexpected", e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR, ProblemSaying.BROKE_TITLE, ProblemSaying.BROKE.said());
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
      MissingServletRequestParameterException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.badRequest()
        .body(field(e.getParameterName(), Allowed.MISSING, Allowed.A_VALUE.said()));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.badRequest().body(unreadable(e.getCause()));
  }

  private ProblemDetail unreadable(@Nullable Throwable cause) {
    if (cause != null && cause.getCause() instanceof OutOfRange inner) {
      return field(inner.field(), inner.value(), inner.allowed());
    }
    if (cause instanceof UnrecognizedPropertyException e) {
      List<String> known =
          e.getKnownPropertyIds() == null
              ? List.of()
              : e.getKnownPropertyIds().stream().map(String::valueOf).sorted().toList();
      return field(path(e), ProblemSaying.UNKNOWN_FIELD, oneOf(known));
    }
    if (cause instanceof InvalidFormatException e) {
      return field(path(e), String.valueOf(e.getValue()), allowed(e.getTargetType()));
    }
    if (cause instanceof MismatchedInputException e && !e.getPath().isEmpty()) {
      Class<?> type = e.getTargetType();
      return field(
          path(e),
          ProblemSaying.OF_ANOTHER_TYPE,
          type == null ? ProblemSaying.RIGHT_TYPE.said() : allowed(type));
    }
    Said expected = ProblemSaying.ONE_JSON_OBJECT.said();
    if (cause instanceof JacksonException e
        && e.getLocation() != null
        && e.getLocation().getLineNr() > 0) {
      expected =
          Said.of(ProblemSaying.ONE_JSON_OBJECT_AT)
              .with("line", e.getLocation().getLineNr())
              .with("column", e.getLocation().getColumnNr());
    }
    return field("body", ProblemSaying.NOT_JSON, expected);
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

  private static Said oneOf(List<String> choices) {
    return Said.of(Allowed.ONE_OF).with("choices", Said.row(choices));
  }

  private static Said allowed(Class<?> type) {
    return type.isEnum()
        ? oneOf(Arrays.stream(type.getEnumConstants()).map(String::valueOf).toList())
        : sort(type).said();
  }

  private static Saying sort(Class<?> type) {
    if (type == Integer.class || type == int.class || type == Long.class || type == long.class) {
      return Allowed.A_WHOLE_NUMBER;
    }
    if (Number.class.isAssignableFrom(type) || type == double.class) {
      return Allowed.A_NUMBER;
    }
    if (type == Boolean.class || type == boolean.class) {
      return Allowed.TRUE_OR_FALSE;
    }
    if (java.util.Collection.class.isAssignableFrom(type)) {
      return Allowed.A_LIST;
    }
    return type == String.class ? Allowed.A_TEXT : ProblemSaying.SOME_VALUE;
  }

  private ProblemDetail field(String field, Object value, Said allowed) {
    String words = problems.words(Said.from(value));
    String shown = words.length() > LONGEST_SHOWN ? words.substring(0, LONGEST_SHOWN) + "…" : words;
    ProblemDetail problem =
        problems.of(
            HttpStatus.BAD_REQUEST,
            Said.of(ProblemSaying.CHECK_TITLE).with("field", problems.name(field)),
            Said.from(value).equals(Allowed.MISSING.said())
                ? missing(field, allowed)
                : Said.of(ProblemSaying.FIELD)
                    .with("field", problems.name(field))
                    .with("value", shown)
                    .with("allowed", allowed));
    problem.setProperty("field", field);
    problem.setProperty("value", shown);
    problem.setProperty("allowed", problems.words(allowed));
    return problem;
  }

  private Said missing(String field, Said allowed) {
    return allowed.equals(Allowed.A_VALUE.said())
        ? Said.of(ProblemSaying.FIELD_MISSING).with("field", problems.name(field))
        : Said.of(ProblemSaying.FIELD_MISSING_MUST_BE)
            .with("field", problems.name(field))
            .with("allowed", allowed);
  }

  private ProblemDetail problem(HttpStatus status, Saying title, Said sentence) {
    return problems.of(status, title.said(), sentence);
  }
}
