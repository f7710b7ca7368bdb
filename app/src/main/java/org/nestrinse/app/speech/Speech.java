package org.nestrinse.app.speech;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.text.HardnessScale;
import org.nestrinse.text.Measures;
import org.nestrinse.text.Voice;
import org.nestrinse.text.Wording;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Says things in the words of the device that asks. A device names its voice in a header, such as
 * {@code de;metric;german-degrees;24}; whoever names none gets the household's.
 */
@Component
public class Speech {
  /** The header that names the language and measures of a device. */
  public static final String HEADER = "Nest-Voice";

  private static final String KNOWN = Speech.class.getName();
  private static final int PARTS = 4;
  private static final int MOST = 40;
  private static final String TWELVE = "12";

  private final ObjectProvider<HouseVoices> house;
  private final LoadingCache<Voice, Wording> wordings =
      Caffeine.newBuilder().maximumSize(MOST).build(Wording::of);

  Speech(ObjectProvider<HouseVoices> house) {
    this.house = house;
  }

  /** Returns words for the device that asks. */
  public String words(Said said) {
    return wording().words(said);
  }

  /** Returns words that need no values, for the device that asks. */
  public String words(Saying saying) {
    return wording().words(saying);
  }

  /** Returns the language of the device that asks. */
  public Locale language() {
    return wording().language();
  }

  /** Returns the wording for what outlives a request: files, the calendar, the wall card. */
  public Wording ofTheHouse() {
    return of(houseVoice());
  }

  /** From here on this request is answered in the words of the household. */
  public void asTheHouse() {
    HttpServletRequest request = request();
    if (request != null) {
      request.setAttribute(KNOWN, ofTheHouse());
    }
  }

  /** Returns whether something is called so in any language. */
  public boolean isCalled(Said said, String name) {
    return Voice.LANGUAGES.stream()
        .anyMatch(l -> of(Voice.of(l)).words(said).equalsIgnoreCase(name));
  }

  private Wording wording() {
    HttpServletRequest request = request();
    if (request == null) {
      return ofTheHouse();
    }
    Object known = request.getAttribute(KNOWN);
    if (known instanceof Wording wording) {
      return wording;
    }
    Voice voice = voice(request.getHeader(HEADER));
    Wording wording = of(voice == null ? houseVoice() : voice);
    request.setAttribute(KNOWN, wording);
    return wording;
  }

  private Wording of(Voice voice) {
    return wordings.get(voice);
  }

  private Voice houseVoice() {
    HouseVoices voices = house.getIfAvailable();
    return voices == null ? Voice.of(Locale.ENGLISH) : voices.ofTheHouse();
  }

  private static @Nullable HttpServletRequest request() {
    return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes web
        ? web.getRequest()
        : null;
  }

  /**
   * Returns the voice that a header names, with the household's money and machine; null when it
   * names none.
   */
  private @Nullable Voice voice(@Nullable String header) {
    List<String> parts = header == null ? List.of() : List.of(header.split(";"));
    if (parts.size() != PARTS) {
      return null;
    }
    Measures measures = constant(Measures.class, parts.get(1));
    HardnessScale hardness = constant(HardnessScale.class, parts.get(2));
    if (measures == null || hardness == null) {
      return null;
    }
    Voice house = houseVoice();
    return new Voice(
        Voice.language(parts.get(0)),
        measures,
        hardness,
        parts.get(3).equals(TWELVE),
        house.currency(),
        house.dialInWords());
  }

  private static <E extends Enum<E>> @Nullable E constant(Class<E> type, String name) {
    String wanted = name.toUpperCase(Locale.ROOT).replace('-', '_');
    return Arrays.stream(type.getEnumConstants())
        .filter(c -> c.name().equals(wanted))
        .findFirst()
        .orElse(null);
  }
}
