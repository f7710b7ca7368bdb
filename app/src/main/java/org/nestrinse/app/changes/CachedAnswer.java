package org.nestrinse.app.changes;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.cache.annotation.Cacheable;

/**
 * What this answers is computed once for each state of the household. It carries an ETag, so a
 * device that has it already is answered 304. It must depend on nothing but the database and the
 * time of day, and write nothing.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Cacheable(cacheNames = AnswerCache.NAME, keyGenerator = AnswerCache.KEYS, sync = true)
public @interface CachedAnswer {}
