package org.nestrinse.app.speech;

import java.util.Locale;
import org.nestrinse.text.Voice;

/** Knows how the household wants to be spoken to. */
public interface HouseVoices {
  /** Returns the language, measures, clock and currency of the household. */
  Voice ofTheHouse();

  /** From now on the household is spoken to in this language. */
  void speak(Locale language);
}
