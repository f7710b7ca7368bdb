package org.nestrinse.app.kit.household;

import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.changes.ReadOnce;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.speech.HouseVoices;
import org.nestrinse.app.speech.LanguageChanged;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.text.HardnessScale;
import org.nestrinse.text.Measures;
import org.nestrinse.text.Voice;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The language, measures, clock, money and time zone of the household. */
@Service
class VoiceService implements HouseVoices {
  private static final int LONGEST_ZONE = 80;
  private static final int LONGEST_LANGUAGE = 20;
  private static final int LETTERS = 3;

  private final HouseholdRepository households;
  private final HouseholdService household;
  private final ApplicationEventPublisher events;

  VoiceService(
      HouseholdRepository households,
      HouseholdService household,
      ApplicationEventPublisher events) {
    this.events = events;
    this.households = households;
    this.household = household;
  }

  /** What is sent to change the household's language and measures; what is missing stays. */
  record VoiceChange(
      @Nullable String language,
      @Nullable Measures measures,
      @Nullable HardnessScale hardness,
      @Nullable Boolean twelveHours,
      @Nullable String currency,
      @Nullable DayOfWeek weekStart,
      @Nullable Boolean dialInWords) {}

  /** What the first device tells of where it is. */
  record FirstDevice(@Nullable String zone, @Nullable VoiceChange voice) {}

  @Override
  @ReadOnce
  @Transactional(readOnly = true)
  public Voice ofTheHouse() {
    return households.findAll().stream()
        .findFirst()
        .map(VoiceService::voice)
        .orElseGet(() -> Voice.of(Voice.LANGUAGES.get(0)));
  }

  /** Returns the household's language, measures and money. */
  @Transactional(readOnly = true)
  HouseVoice current() {
    HouseholdEntity e = household.entity();
    Voice voice = voice(e);
    return new HouseVoice(
        voice.language().toLanguageTag(),
        voice.measures(),
        voice.hardness(),
        voice.twelveHours(),
        voice.currency(),
        Known.or(e.weekStart, DayOfWeek.MONDAY),
        voice.dialInWords());
  }

  private static Voice voice(HouseholdEntity e) {
    return new Voice(
        Voice.language(e.language),
        Known.or(e.measures, Measures.METRIC),
        Known.or(e.hardnessScale, HardnessScale.MMOL_PER_L),
        e.twelveHours,
        e.currency,
        e.dialInWords);
  }

  /** Changes the household's language, measures or money. */
  @Transactional
  HouseVoice change(VoiceChange change) {
    apply(household.entity(), change);
    return current();
  }

  /**
   * Takes time zone, language, measures and money of the first device that opens a new house; later
   * ones change nothing.
   */
  @Transactional
  Household firstDevice(FirstDevice first) {
    String zone = RequestChecks.text("zone", first.zone, LONGEST_ZONE);
    if (!ZoneId.getAvailableZoneIds().contains(zone)) {
      throw new OutOfRange("zone", zone, KitRefusal.A_ZONE);
    }
    HouseholdEntity e = household.entity();
    if (!e.zoneTold) {
      e.zone = zone;
      e.zoneTold = true;
      households.saveAndFlush(e);
      if (first.voice != null) {
        apply(e, first.voice);
      }
    }
    return household.current();
  }

  @Override
  @Transactional
  public void speak(Locale language) {
    speak(household.entity(), language.toLanguageTag());
  }

  private void speak(HouseholdEntity e, String tag) {
    Locale before = Voice.language(e.language);
    Locale now = Voice.language(tag);
    e.language = now.toLanguageTag();
    if (!now.equals(before)) {
      households.saveAndFlush(e);
      events.publishEvent(new LanguageChanged(before, now));
    }
  }

  private void apply(HouseholdEntity e, VoiceChange c) {
    String language = e.language;
    if (c.language != null) {
      language = RequestChecks.text("language", c.language, LONGEST_LANGUAGE);
    }
    if (c.currency != null) {
      String letters = RequestChecks.text("currency", c.currency, LETTERS);
      if (!Voice.isCurrency(letters)) {
        throw new OutOfRange("currency", letters, KitRefusal.A_CURRENCY);
      }
      e.currency = letters;
    }
    e.measures = c.measures == null ? e.measures : c.measures;
    e.hardnessScale = c.hardness == null ? e.hardnessScale : c.hardness;
    e.twelveHours = c.twelveHours == null ? e.twelveHours : c.twelveHours;
    e.weekStart = c.weekStart == null ? e.weekStart : c.weekStart;
    e.dialInWords = c.dialInWords == null ? e.dialInWords : c.dialInWords;
    households.saveAndFlush(e);
    speak(e, language);
  }
}
