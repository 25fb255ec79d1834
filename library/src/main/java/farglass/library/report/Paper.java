package farglass.library.report;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import farglass.library.exchange.Destination;
import farglass.library.store.LibraryException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import org.apache.commons.text.StringEscapeUtils;

/**
 * A page to print, as HTML that needs no other file, and as PDF with the fonts in it.
 *
 * @param what it is, as a message about it says: "corner card"
 */
record Paper(String html, String what) {
    /** {@return the words as text of the page} What is no part of XML, such as half a character, would stop the PDF, and is left out. */
    static String escaped(String words) {
        return StringEscapeUtils.escapeXml10(words);
    }

    void writeHtml(Destination target) {
        target.write(unfinished -> Files.writeString(unfinished, html));
    }

    void writePdf(Destination target) {
        target.check();
        // What it tells of its own work is no message to anybody here.
        XRLog.setLoggingEnabled(false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            font(builder, "SourceSans3_400Regular.ttf", "Source Sans 3", 400);
            font(builder, "SourceSans3_600SemiBold.ttf", "Source Sans 3", 700);
            font(builder, "SourceSerif4_600SemiBold.ttf", "Source Serif 4", 600);
            builder.withHtmlContent(html.replace("<!DOCTYPE html>", ""), null);
            builder.toStream(out);
            builder.run();
        } catch (IOException e) {
            throw new LibraryException("The %s could not be made: %s".formatted(what, e.getMessage()), e);
        }
        target.write(unfinished -> Files.write(unfinished, out.toByteArray()));
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(
                () -> resource(file),
                family,
                weight,
                com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle.NORMAL,
                true);
    }

    private static InputStream resource(String file) {
        return Paper.class.getResourceAsStream("/farglass/library/report/fonts/" + file);
    }
}
