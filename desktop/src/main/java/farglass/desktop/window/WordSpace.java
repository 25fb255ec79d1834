package farglass.desktop.window;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Widens the space of a TrueType font while it is loaded. On Linux the toolkit sets every glyph on a whole pixel, so
 * that a space of a fifth of an em (Source Sans 3) shrinks at small sizes to two pixels, hardly more than the gap
 * between two letters. The files stay as they were published; only the copy in memory differs. Layout of the file:
 * ISO/IEC 14496-22 (Open Font Format), tables <i>head</i>, <i>hhea</i>, <i>hmtx</i> and <i>cmap</i> (format 4).
 */
final class WordSpace {
    /** In ems: at 13 pixels 3.6, so at least three whole ones wherever the next letter falls. */
    static final double EMS = 0.28;

    private final ByteBuffer font;
    private final Map<String, Integer> tables = new HashMap<>();

    private WordSpace(byte[] file) {
        font = ByteBuffer.wrap(file);
        for (int i = 0; i < font.getShort(4); i++) {
            int entry = 12 + 16 * i;
            tables.put(new String(file, entry, 4, StandardCharsets.US_ASCII), font.getInt(entry + 8));
        }
    }

    /**
     * {@return the font with a space at least {@link #EMS} wide}
     *
     * @param file a TrueType font with a character map for Unicode; is changed
     * @throws IllegalArgumentException if it has none
     */
    static byte[] widen(byte[] file) {
        WordSpace font = new WordSpace(file);
        if (!font.tables.keySet().containsAll(List.of("head", "hmtx", "cmap"))) {
            throw new IllegalArgumentException("The font lacks its head, its widths or its character map.");
        }
        int wanted = (int) Math.round(EMS * font.unsigned(font.tables.get("head") + 18));
        int advance = font.tables.get("hmtx") + 4 * font.glyph(' ');
        if (font.unsigned(advance) < wanted) {
            font.font.putShort(advance, (short) wanted);
        }
        return file;
    }

    /** Finds the glyph in the segments of a character map: each maps the codes from a start to an end. */
    private int glyph(char code) {
        int map = unicode();
        int segments = unsigned(map + 6) / 2;
        int ends = map + 14;
        int starts = ends + 2 * segments + 2;
        int deltas = starts + 2 * segments;
        int offsets = deltas + 2 * segments;
        for (int i = 0; i < segments; i++) {
            if (code <= unsigned(ends + 2 * i)) {
                int offset = unsigned(offsets + 2 * i);
                int start = unsigned(starts + 2 * i);
                int mapped = offset == 0 ? code : unsigned(offsets + 2 * i + offset + 2 * (code - start));
                return mapped + unsigned(deltas + 2 * i) & 0xFFFF;
            }
        }
        throw new IllegalArgumentException("The font has no glyph for \u201c" + code + "\u201d.");
    }

    private int unicode() {
        int maps = tables.get("cmap");
        for (int i = 0; i < unsigned(maps + 2); i++) {
            int map = maps + font.getInt(maps + 4 + 8 * i + 4);
            if (unsigned(map) == 4) {
                return map;
            }
        }
        throw new IllegalArgumentException("The font has no character map of format 4.");
    }

    private int unsigned(int at) {
        return font.getShort(at) & 0xFFFF;
    }
}
