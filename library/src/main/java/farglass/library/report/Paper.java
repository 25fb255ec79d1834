package farglass.library.report;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import farglass.library.exchange.Destination;
import farglass.library.store.LibraryException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;

/**
 * A page to print, as HTML that needs no other file, and as PDF with the fonts in it.
 *
 * @param what it is, as a message about it says: "corner card"
 */
record Paper(String html, String what) {
    /** Control characters, halves of characters, and the two that stand for none: https://www.w3.org/TR/xml/#charsets. */
    private static final String NO_XML =
            "[^\\x09\\x0A\\x20-\\x7E\\x85\\xA0-\\uD7FF\\uE000-\\uFFFD\\x{10000}-\\x{10FFFF}]";

    static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                // What is no part of XML would stop the PDF.
                .replaceAll(NO_XML, "");
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
