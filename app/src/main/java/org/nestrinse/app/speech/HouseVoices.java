package org.nestrinse.app.speech;

import java.util.Locale;
import org.nestrinse.text.Voice;

/** Knows the language, measures, clock and money of the household. */
public interface HouseVoices {
  /** Returns the language, measures, clock and currency of the household. */
  Voice ofTheHouse();

  /** Sets the language of the household. */
  void speak(Locale language);
}
