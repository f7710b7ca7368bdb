package org.nestrinse.app.house;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.security.autoconfigure.web.servlet.SecurityFilterProperties;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

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
  private final JsonMapper json;

  HouseDoor(MadeUpHouse madeUp, JsonMapper json) {
    this.madeUp = madeUp;
    this.json = json;
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
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.SERVICE_UNAVAILABLE,
            state == MadeUpHouse.State.BROKEN
                ? "The made-up house could not be opened, and what went wrong is in the log. Your own house is as it was."
                : "The made-up house is being furnished. That takes about half a minute, the first time only.");
    problem.setTitle("Not yet");
    response.setStatus(problem.getStatus());
    if (state != MadeUpHouse.State.BROKEN) {
      response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_S);
    }
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.getOutputStream().write(json.writeValueAsBytes(problem));
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
