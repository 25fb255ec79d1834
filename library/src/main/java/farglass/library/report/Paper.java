package farglass.library.report;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import farglass.library.LibraryException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/**
 * A page to print, as HTML that needs no other file, and as PDF with the fonts in it.
 *
 * @param what it is, as a message about it says: "corner card"
 */
record Paper(String html, String what) {
    static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                // Control characters are no part of XML, and would stop the PDF.
                .replaceAll("[\\p{Cc}&&[^\\n\\t]]", "");
    }

    void writeHtml(Path target) {
        write(target, html.getBytes(StandardCharsets.UTF_8));
    }

    void writePdf(Path target) {
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
        write(target, out.toByteArray());
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

    private static void write(Path target, byte[] bytes) {
        try {
            Path part = target.resolveSibling(target.getFileName() + ".part");
            Files.write(part, bytes);
            Files.move(part, target, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new LibraryException("%s cannot be written. Choose another folder.".formatted(target), e);
        }
    }
}
