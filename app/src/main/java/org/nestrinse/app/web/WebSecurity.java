package org.nestrinse.app.web;

import org.nestrinse.app.problem.Problems;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.HeaderWriterFilter;

/**
 * A household's own machine needs no login, so there is none; strict headers, and it is answered by
 * its own names to its own pages only.
 */
@Configuration
class WebSecurity {
  private static final String CONTENT_POLICY =
      "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'";

  @Bean
  SecurityFilterChain security(HttpSecurity http, KnownHosts hosts, Problems problems)
      throws Exception {
    return http.authorizeHttpRequests(all -> all.anyRequest().permitAll())
        .csrf(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .requestCache(AbstractHttpConfigurer::disable)
        .headers(
            headers ->
                headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY)))
        .addFilterAfter(new OwnDoorOnly(hosts, problems), HeaderWriterFilter.class)
        .build();
  }

  /** There are no users; without this bean a password would be made up and logged. */
  @Bean
  UserDetailsService users() {
    return new InMemoryUserDetailsManager();
  }
}
