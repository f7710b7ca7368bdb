package org.nestrinse.app.web;

import java.util.Locale;
import org.nestrinse.core.said.Said;
import org.nestrinse.text.Wording;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** What services have to say leaves the API in words. */
@Configuration
class WordsOut {
  @Bean
  Wording wording(@Value("${nest.language:en}") Locale language) {
    return Wording.of(language);
  }

  @Bean
  JsonMapperBuilderCustomizer words(Wording wording) {
    SimpleModule module = new SimpleModule("words");
    module.addSerializer(Said.class, new InWords(wording));
    return builder -> builder.addModule(module);
  }

  private static final class InWords extends ValueSerializer<Said> {
    private final Wording wording;

    InWords(Wording wording) {
      this.wording = wording;
    }

    @Override
    public void serialize(Said said, JsonGenerator out, SerializationContext context) {
      out.writeString(wording.words(said));
    }
  }
}
