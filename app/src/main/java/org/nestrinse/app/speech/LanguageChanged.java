package org.nestrinse.app.speech;

import java.util.Locale;

/**
 * The household has changed its language.
 *
 * @param before the language until now
 * @param now the language from now on
 */
public record LanguageChanged(Locale before, Locale now) {}
