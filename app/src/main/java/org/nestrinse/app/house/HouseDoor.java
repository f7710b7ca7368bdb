package org.nestrinse.app.house;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.nestrinse.app.problem.ProblemSaying;
import org.nestrinse.app.problem.Problems;
import org.springframework.boot.security.autoconfigure.web.servlet.SecurityFilterProperties;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Serves addresses that begin with the prefix of the made-up house from its database. Who may come
 * in at all is asked before.
 */
@Component
@Order(SecurityFilterProperties.DEFAULT_FILTER_ORDER + 1)
class HouseDoor extends OncePerRequestFilter {
  private static final String PREFIX = House.MADE_UP.prefix();
  private static final String RETRY_S = "1";

  private final MadeUpHouse madeUp;
  private final Problems problems;

  HouseDoor(MadeUpHouse madeUp, Problems problems) {
    this.madeUp = madeUp;
    this.problems = problems;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    return !path.equals(PREFIX) && !path.startsWith(PREFIX + "/");
  }

  @Override
  protected boolean shouldNotFilterErrorDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getRequestURI().equals(PREFIX)) {
      response.sendRedirect(PREFIX + "/");
      return;
    }
    boolean asks = request.getRequestURI().startsWith(PREFIX + "/api/");
    MadeUpHouse.State state = madeUp.enter();
    if (asks && state != MadeUpHouse.State.OPEN) {
      notYet(response, state);
      return;
    }
    ServletException[] failed = new ServletException[1];
    IOException[] broken = new IOException[1];
    House.MADE_UP.run(
        () -> {
          try {
            chain.doFilter(new InThere(request), response);
          } catch (ServletException e) {
            failed[0] = e;
          } catch (IOException e) {
            broken[0] = e;
          }
        });
    if (failed[0] != null) {
      throw failed[0];
    }
    if (broken[0] != null) {
      throw broken[0];
    }
  }

  private void notYet(HttpServletResponse response, MadeUpHouse.State state) throws IOException {
    if (state != MadeUpHouse.State.BROKEN) {
      response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_S);
    }
    problems.answer(
        response,
        HttpStatus.SERVICE_UNAVAILABLE,
        ProblemSaying.NOT_YET_TITLE,
        (state == MadeUpHouse.State.BROKEN
                ? ProblemSaying.HOUSE_BROKEN
                : ProblemSaying.HOUSE_COMING)
            .said());
  }

  /** The same request, as the pages and the API know it. */
  private static final class InThere extends HttpServletRequestWrapper {
    InThere(HttpServletRequest request) {
      super(request);
    }

    @Override
    public String getRequestURI() {
      return without(super.getRequestURI());
    }

    @Override
    public StringBuffer getRequestURL() {
      return new StringBuffer(super.getRequestURL().toString().replaceFirst(PREFIX + "/", "/"));
    }

    @Override
    public String getServletPath() {
      return without(super.getServletPath());
    }

    /** What it is forwarded to has no prefix. */
    private static String without(String path) {
      return path.startsWith(PREFIX + "/") ? path.substring(PREFIX.length()) : path;
    }
  }
}
