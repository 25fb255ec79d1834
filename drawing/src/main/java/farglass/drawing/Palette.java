package farglass.drawing;

import java.util.Map;

/**
 * The colours of paper or of the film room. Only two hues carry meaning, blue for the athlete under study and rust for the
 * other; they differ in lightness too, so that they stay apart for every kind of colour blindness and in grey print.
 */
public final class Palette {
    public static final Palette PAPER = new Palette(Map.of(
            Ink.SUBJECT, 0x1b567f,
            Ink.OTHER, 0xb35a1f,
            Ink.SUBJECT_WASH, 0xc9dae6,
            Ink.OTHER_WASH, 0xf0d9c6,
            Ink.INK, 0x22262b,
            Ink.QUIET, 0x5d5a52,
            Ink.RULE, 0xcfc6b4,
            Ink.PAPER, 0xf7f2e7));

    public static final Palette FILM_ROOM = new Palette(Map.of(
            Ink.SUBJECT, 0x86bde2,
            Ink.OTHER, 0xe59f63,
            Ink.SUBJECT_WASH, 0x2a4253,
            Ink.OTHER_WASH, 0x513b2a,
            Ink.INK, 0xe9e4d8,
            Ink.QUIET, 0xa9a396,
            Ink.RULE, 0x45423c,
            Ink.PAPER, 0x1c1d1f));

    private final Map<Ink, Integer> colours;

    private Palette(Map<Ink, Integer> colours) {
        this.colours = colours;
    }

    /** {@return the colour as 0xRRGGBB} */
    public int rgb(Ink ink) {
        return colours.get(ink);
    }

    /** {@return the colour as #rrggbb} */
    public String hex(Ink ink) {
        return "#%06x".formatted(rgb(ink));
    }
}
