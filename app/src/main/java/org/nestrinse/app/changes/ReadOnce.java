package org.nestrinse.app.changes;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.cache.annotation.Cacheable;

/**
 * What this reads is read once for each state of the household, however many answers are made of
 * it. Within a change it must not be asked for: what the change has written is not in it yet.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Cacheable(cacheNames = AnswerCache.READ, keyGenerator = AnswerCache.KEYS, sync = true)
public @interface ReadOnce {}
