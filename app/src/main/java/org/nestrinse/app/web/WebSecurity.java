package org.nestrinse.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A household's own machine needs no login, so there is none; strict headers, and pages of other
 * sites may not change anything here.
 */
@Configuration
class WebSecurity {
  private static final String CONTENT_POLICY =
      "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'";

  @Bean
  SecurityFilterChain security(HttpSecurity http) throws Exception {
    return http.authorizeHttpRequests(all -> all.anyRequest().permitAll())
        .csrf(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .requestCache(AbstractHttpConfigurer::disable)
        .headers(
            headers ->
                headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY)))
        .addFilterBefore(new SameSiteOnly(), AuthorizationFilter.class)
        .build();
  }

  /** There are no users; without this bean a password would be made up and logged. */
  @Bean
  UserDetailsService users() {
    return new InMemoryUserDetailsManager();
  }

  /** Refuses requests that change something and that a browser says come from another site. */
  private static final class SameSiteOnly extends OncePerRequestFilter {
    private static final String REFUSAL =
        "{\"title\":\"Not from there\",\"status\":403,\"detail\":\"Another site may not change anything here.\"}";
    private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> OWN = Set.of("same-origin", "none");

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      String site = request.getHeader("Sec-Fetch-Site");
      if (site != null && !OWN.contains(site) && !SAFE.contains(request.getMethod())) {
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        response.setContentType("application/problem+json");
        response.getWriter().write(REFUSAL);
        return;
      }
      chain.doFilter(request, response);
    }
  }
}
