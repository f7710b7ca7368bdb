package org.nestrinse.app.estimates;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.core.why.Model;
import org.nestrinse.text.Voice;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Serves a page about each model: what it counts and what it does not know. */
@RestController
@RequestMapping("/api/v1/estimates")
class EstimatesController {
  private static final String TITLE = "# ";

  private final Map<Locale, Map<Model, Page>> pages = new HashMap<>();
  private final Speech speech;

  EstimatesController(Speech speech) {
    this.speech = speech;
    for (Locale language : Voice.LANGUAGES) {
      Map<Model, Page> own = new EnumMap<>(Model.class);
      for (Model model : Model.values()) {
        own.put(model, page(model, language));
      }
      pages.put(language, own);
    }
  }

  /**
   * A page about a model.
   *
   * @param title what it is about
   * @param html what it says, as HTML without any script
   */
  record Page(String title, String html) {}

  /** Returns the page about a model, in the language of the device. */
  @GetMapping("/{model}")
  Page about(@PathVariable Model model) {
    Map<Model, Page> english = Objects.requireNonNull(pages.get(Locale.ENGLISH));
    return Objects.requireNonNull(pages.getOrDefault(speech.language(), english).get(model));
  }

  private static Page page(Model model, Locale language) {
    String folder = language.equals(Locale.ENGLISH) ? "" : language.getLanguage() + "/";
    String file = folder + model.name().toLowerCase(Locale.ROOT).replace('_', '-') + ".md";
    try (InputStream in =
        Objects.requireNonNull(EstimatesController.class.getResourceAsStream(file), file)) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      int end = text.indexOf('\n');
      return new Page(text.substring(TITLE.length(), end), html(text.substring(end)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String html(String markdown) {
    List<TablesExtension> tables = List.of((TablesExtension) TablesExtension.create());
    Parser parser = Parser.builder().extensions(tables).build();
    HtmlRenderer renderer = HtmlRenderer.builder().extensions(tables).escapeHtml(true).build();
    return renderer.render(parser.parse(markdown));
  }
}
