package org.nestrinse.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Answers only requests that ask for this computer by a name it knows, and lets only its own pages
 * change anything. A browser names the page that sends a change in {@code Origin}; a program that
 * is no browser need not.
 */
final class OwnDoorOnly extends OncePerRequestFilter {
  private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS");
  private static final Set<String> OWN = Set.of("same-origin", "none");
  private static final String FETCH_SITE = "Sec-Fetch-Site";

  private final KnownHosts hosts;
  private final JsonMapper json;

  OwnDoorOnly(KnownHosts hosts, JsonMapper json) {
    this.hosts = hosts;
    this.json = json;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String host = request.getHeader(HttpHeaders.HOST);
    if (!hosts.knows(host)) {
      refuse(
          response,
          HttpStatus.MISDIRECTED_REQUEST,
          "Not by that name",
          "Nest Rinse is not called by that name. Use localhost or this computer's own name or address, or start it with NEST_HOSTS set to the name.");
      return;
    }
    if (!SAFE.contains(request.getMethod()) && !ownPage(request, host)) {
      refuse(
          response,
          HttpStatus.FORBIDDEN,
          "Not from there",
          "Another site may not change anything here.");
      return;
    }
    chain.doFilter(request, response);
  }

  private static boolean ownPage(HttpServletRequest request, @Nullable String host) {
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    String site = request.getHeader(FETCH_SITE);
    if (origin == null) {
      return site == null;
    }
    boolean same = origin.equals("http://" + host) || origin.equals("https://" + host);
    return same && (site == null || OWN.contains(site));
  }

  private void refuse(HttpServletResponse response, HttpStatus status, String title, String says)
      throws IOException {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, says);
    problem.setTitle(title);
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding("UTF-8");
    response.getWriter().write(json.writeValueAsString(problem));
  }
}
