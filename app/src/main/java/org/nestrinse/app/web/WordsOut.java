package org.nestrinse.app.web;

import org.nestrinse.app.speech.Speech;
import org.nestrinse.core.said.Said;
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
  JsonMapperBuilderCustomizer words(Speech speech) {
    SimpleModule module = new SimpleModule("words");
    module.addSerializer(Said.class, new InWords(speech));
    return builder -> builder.addModule(module);
  }

  private static final class InWords extends ValueSerializer<Said> {
    private final Speech speech;

    InWords(Speech speech) {
      this.speech = speech;
    }

    @Override
    public void serialize(Said said, JsonGenerator out, SerializationContext context) {
      out.writeString(speech.words(said));
    }
  }
}
