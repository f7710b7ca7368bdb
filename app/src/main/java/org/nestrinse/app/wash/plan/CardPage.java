package org.nestrinse.app.wash.plan;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.FontFactory;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.plan.WallCard;
import org.springframework.stereotype.Component;

/** A wall card as one page of PDF: as large as fits. */
@Component
class CardPage {
  private static final Color INK = new Color(0x22, 0x30, 0x2F);
  private static final float MARGIN = 28;
  private static final float LARGEST_TEXT = 14;
  private static final float SMALLEST_TEXT = 6;
  private static final float STEP = 0.5f;

  /** Sizes of paper. */
  enum Size {
    A4(PageSize.A4),
    A5(PageSize.A5);

    private final Rectangle paper;

    Size(Rectangle paper) {
      this.paper = paper;
    }
  }

  private final Speech speech;

  CardPage(Speech speech) {
    this.speech = speech;
  }

  /** Returns the card as one page. */
  byte[] pdf(WallCard card, Size size) {
    float text = LARGEST_TEXT;
    Page page = page(card, size, text);
    while (page.pages > 1 && text > SMALLEST_TEXT) {
      text -= STEP;
      page = page(card, size, text);
    }
    return page.bytes;
  }

  private record Page(byte[] bytes, int pages) {}

  private Page page(WallCard card, Size size, float text) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Document document = new Document(size.paper, MARGIN, MARGIN, MARGIN, MARGIN);
    PdfWriter writer = PdfWriter.getInstance(document, out);
    document.addTitle(
        speech.ofTheHouse().words(Said.of(RoundSaying.CARD_TITLE).with("title", card.title())));
    document.open();
    document.add(new Paragraph(speech.ofTheHouse().words(card.title()), font(text * 1.5f, true)));
    document.add(new Paragraph(speech.ofTheHouse().words(card.summary()), font(text, false)));
    PdfPTable table = new PdfPTable(new float[] {1, 10, 2.4f});
    table.setWidthPercentage(100);
    table.setSpacingBefore(text / 2);
    for (WallCard.Line line : card.steps()) {
      table.addCell(cell(String.valueOf(line.number()), text * 1.2f, true));
      String title =
          speech
              .ofTheHouse()
              .words(
                  line.yours() ? Said.of(RoundSaying.YOU).with("what", line.what()) : line.what());
      PdfPCell what = cell(title, text * 1.1f, true);
      what.addElement(new Paragraph(title, font(text * 1.1f, true)));
      what.addElement(new Paragraph(speech.ofTheHouse().words(line.how()), font(text, false)));
      line.doses()
          .forEach(
              d ->
                  what.addElement(
                      new Paragraph(speech.ofTheHouse().words(d), font(text * 1.1f, true))));
      table.addCell(what);
      PdfPCell minutes = cell(speech.ofTheHouse().words(line.minutes()), text, false);
      minutes.setHorizontalAlignment(Element.ALIGN_RIGHT);
      table.addCell(minutes);
    }
    document.add(table);
    for (Said mind : card.minds()) {
      document.add(new Paragraph("! " + speech.ofTheHouse().words(mind), font(text * 0.9f, false)));
    }
    document.close();
    return new Page(out.toByteArray(), writer.getPageNumber());
  }

  private static PdfPCell cell(String words, float text, boolean bold) {
    PdfPCell cell = new PdfPCell(new Paragraph(words, font(text, bold)));
    cell.setBorder(Rectangle.TOP);
    cell.setBorderColor(INK);
    cell.setPaddingBottom(text / 2.5f);
    return cell;
  }

  private static Font font(float size, boolean bold) {
    String face = bold ? FontFactory.HELVETICA_BOLD : FontFactory.HELVETICA;
    return FontFactory.getFont(
        face, BaseFont.CP1252, BaseFont.NOT_EMBEDDED, size, Font.UNDEFINED, INK);
  }
}
