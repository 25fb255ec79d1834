package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.junit.jupiter.api.Test;

/** Measured with another reader of fonts than the toolkit's. */
class WordSpaceTest {
    private static byte[] font(String file) throws IOException {
        try (InputStream in = Desktop.class.getResourceAsStream("/farglass/library/report/fonts/" + file)) {
            return in.readAllBytes();
        }
    }

    private static float width(byte[] font, String glyph) throws IOException {
        try (TrueTypeFont read = new TTFParser().parse(new RandomAccessReadBuffer(font))) {
            return read.getWidth(glyph) * 1000 / read.getUnitsPerEm();
        }
    }

    @Test
    void onlyTheSpaceGrows() throws Exception {
        for (String file : new String[] {"SourceSans3_400Regular.ttf", "SourceSans3_400Regular_Italic.ttf"}) {
            byte[] published = font(file);
            byte[] widened = WordSpace.widen(font(file));
            assertThat(width(published, "space")).isEqualTo(200);
            assertThat(width(widened, "space")).isEqualTo(280);
            for (String letter : new String[] {"a", "hyphen", "exclam", "Omega"}) {
                assertThat(width(widened, letter)).as(letter).isEqualTo(width(published, letter));
            }
        }
    }

    @Test
    void aFontWithoutAMapForUnicodeIsRefused() throws Exception {
        byte[] damaged = font("SourceSans3_400Regular.ttf");
        String names = new String(damaged, 0, 400, java.nio.charset.StandardCharsets.ISO_8859_1);
        damaged[names.indexOf("cmap")] = 'x';
        assertThatThrownBy(() -> WordSpace.widen(damaged))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("character map");
    }
}
