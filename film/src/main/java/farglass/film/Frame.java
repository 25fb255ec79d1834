package farglass.film;

/**
 * One picture. Whoever gets it must not change the pixels.
 *
 * @param atMicros its presentation time, from the film's first frame
 * @param argb width × height pixels, row by row
 */
public record Frame(long atMicros, int width, int height, int[] argb) {
    public Frame {
        if (argb.length != width * height) {
            throw new IllegalArgumentException("A frame of %d x %d needs %d pixels but got %d"
                    .formatted(width, height, width * height, argb.length));
        }
    }
}
