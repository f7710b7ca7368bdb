package org.nestrinse.app.again;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.ReentrantLock;
import java.util.regex.Pattern;
import org.nestrinse.app.problem.ProblemSaying;
import org.nestrinse.app.problem.Problems;
import org.nestrinse.core.said.Said;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Answers a request that comes again with the same {@code Idempotency-Key} as it was answered the
 * first time, without doing it again. A phone that lost its line sends again what it does not know
 * the answer of.
 *
 * @see <a href="https://datatracker.ietf.org/doc/draft-ietf-httpapi-idempotency-key-header/">The
 *     Idempotency-Key HTTP Header Field</a>
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class RepeatedRequests extends OncePerRequestFilter {
  static final String HEADER = "Idempotency-Key";
  private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS");
  private static final Pattern KEY = Pattern.compile("[A-Za-z0-9-]{8,80}");
  private static final int LONGEST_REQUEST = 300;

  private static final Said CHECK = Said.of(ProblemSaying.CHECK_TITLE).with("field", HEADER);

  private final RequestKeys keys;
  private final Problems problems;
  private final Map<String, ReentrantLock> going = new ConcurrentHashMap<>();

  RepeatedRequests(RequestKeys keys, Problems problems) {
    this.keys = keys;
    this.problems = problems;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return SAFE.contains(request.getMethod()) || request.getHeader(HEADER) == null;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String key = request.getHeader(HEADER);
    String asked = request.getMethod() + " " + request.getRequestURI();
    if (!KEY.matcher(key).matches() || asked.length() > LONGEST_REQUEST) {
      problems.answer(
          response,
          HttpStatus.BAD_REQUEST,
          CHECK,
          Said.of(ProblemSaying.A_KEY).with("header", HEADER));
      return;
    }
    ReentrantLock turn = going.computeIfAbsent(key, k -> new ReentrantLock());
    turn.lock();
    try {
      Optional<AnsweredRequest> before = keys.answered(key);
      if (before.isPresent()) {
        repeat(before.get(), asked, response);
      } else {
        first(key, asked, request, response, chain);
      }
    } finally {
      if (!turn.hasQueuedThreads()) {
        going.remove(key, turn);
      }
      turn.unlock();
    }
  }

  private void first(
      String key,
      String asked,
      HttpServletRequest request,
      HttpServletResponse response,
      FilterChain chain)
      throws ServletException, IOException {
    ContentCachingResponseWrapper kept = new ContentCachingResponseWrapper(response);
    keys.begin(key, asked);
    try {
      chain.doFilter(request, kept);
      String body = new String(kept.getContentAsByteArray(), StandardCharsets.UTF_8);
      keys.end(kept.getStatus(), kept.getContentType(), body);
    } finally {
      keys.broken();
      kept.copyBodyToResponse();
    }
  }

  private void repeat(AnsweredRequest before, String asked, HttpServletResponse response)
      throws IOException {
    if (!before.request.equals(asked)) {
      problems.answer(
          response,
          HttpStatus.UNPROCESSABLE_CONTENT,
          CHECK,
          Said.of(ProblemSaying.OTHER_REQUEST).with("header", HEADER));
    } else if (before.status == null) {
      problems.answer(
          response,
          HttpStatus.CONFLICT,
          ProblemSaying.DONE_ALREADY_TITLE.said(),
          ProblemSaying.DONE_ALREADY.said());
    } else {
      response.setStatus(before.status);
      if (before.contentType != null) {
        response.setContentType(before.contentType);
      }
      response
          .getOutputStream()
          .write((before.body == null ? "" : before.body).getBytes(StandardCharsets.UTF_8));
    }
  }
}
