package org.nestrinse.app.changes;

import com.github.benmanes.caffeine.cache.Caffeine;
import java.lang.reflect.Method;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.springframework.cache.CacheManager;
import org.springframework.cache.annotation.EnableCaching;
import org.springframework.cache.caffeine.CaffeineCacheManager;
import org.springframework.cache.interceptor.KeyGenerator;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Keeps answers for as long as nothing that they depend on has changed. */
@Configuration
@EnableCaching
class AnswerCache implements WebMvcConfigurer {
  static final String NAME = "answers";

  /** Apart from the answers, since an answer is made while it is read. */
  static final String READ = "read";

  static final String KEYS = "byStateOfTheHouse";

  private static final int MOST = 200;
  private static final Duration LONGEST = Duration.ofMinutes(10);

  private final ChangeCount changes;

  AnswerCache(ChangeCount changes) {
    this.changes = changes;
  }

  /** Which answer. */
  private record Key(ChangeCount.State state, Method method, List<Object> values) {}

  @Bean
  CacheManager cacheManager() {
    CaffeineCacheManager caches = new CaffeineCacheManager(NAME, READ);
    caches.setCaffeine(Caffeine.newBuilder().maximumSize(MOST).expireAfterWrite(LONGEST));
    return caches;
  }

  @Bean(KEYS)
  KeyGenerator byStateOfTheHouse() {
    return (target, method, values) -> new Key(changes.state(), method, Arrays.asList(values));
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(new Freshness(changes));
  }
}
