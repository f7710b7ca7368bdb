package org.nestrinse.app.web;

import java.time.Duration;
import java.util.List;
import org.springframework.aop.Advisor;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.resilience.retry.MethodRetrySpec;
import org.springframework.resilience.retry.SimpleRetryInterceptor;
import org.springframework.web.bind.annotation.RestController;

/**
 * Tries a request again when it lost a race with another carer. The first try left nothing behind,
 * and the second one works with what is there by then. If that differs from what the person saw on
 * screen, they are asked to look again; see {@link org.nestrinse.app.problem.Stale}.
 */
@Configuration
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class RetriedRaces {
  private static final int TRIES_MORE = 8;
  private static final Duration FOR_AS_LONG_AS_IT_TAKES = Duration.ZERO;
  private static final Duration FIRST_WAIT = Duration.ofMillis(10);
  private static final Duration JITTER = Duration.ofMillis(8);
  private static final double LONGER_EACH_TIME = 2;
  private static final Duration LONGEST_WAIT = Duration.ofMillis(300);

  @Bean
  @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
  static Advisor doneAgainAfterALostRace() {
    MethodRetrySpec again =
        new MethodRetrySpec(
            List.of(ConcurrencyFailureException.class),
            List.of(),
            (method, error) -> true,
            TRIES_MORE,
            FOR_AS_LONG_AS_IT_TAKES,
            FIRST_WAIT,
            JITTER,
            LONGER_EACH_TIME,
            LONGEST_WAIT);
    return new DefaultPointcutAdvisor(
        AnnotationMatchingPointcut.forClassAnnotation(RestController.class),
        new SimpleRetryInterceptor(again));
  }
}
