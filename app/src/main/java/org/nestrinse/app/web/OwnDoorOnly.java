package org.nestrinse.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.ProblemSaying;
import org.nestrinse.app.problem.Problems;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

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
  private final Problems problems;

  OwnDoorOnly(KnownHosts hosts, Problems problems) {
    this.hosts = hosts;
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String host = request.getHeader(HttpHeaders.HOST);
    if (!hosts.knows(host)) {
      problems.answer(
          response,
          HttpStatus.MISDIRECTED_REQUEST,
          ProblemSaying.NOT_THAT_NAME_TITLE,
          ProblemSaying.NOT_THAT_NAME.said());
      return;
    }
    if (!SAFE.contains(request.getMethod()) && !ownPage(request, host)) {
      problems.answer(
          response,
          HttpStatus.FORBIDDEN,
          ProblemSaying.NOT_FROM_THERE_TITLE,
          ProblemSaying.NOT_FROM_THERE.said());
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
}
