package farglass.library;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;

/** Bouts for the library's tests, written as bout files. */
public final class SampleBouts {
    private SampleBouts() {}

    public static final String FULL =
            """
            far-glass bout 1
            id: lantern-final
            A: Maren Tolliver
            A kit: white gi
            A stands: left
            B: Runa Castellan
            B level: brown
            event: Lantern Cup
            date: 2026-03-14
            ruleset: points-with-advantages
            length: 6:00
            film: lantern.mp4 from 0:12.5
            covered: story 0:00 to 6:00 declared
            result: B by points 0-3
            camera: handheld
            # the first minute is quiet
            0:14.6 B guard-pull; -> open-guard, A on top, worked out; held
            # a long fight for the sleeve
            0:40 A knee-cut; side A left; nearly; line knee; unsure; note "legs hid it"
            0:52.25 B "a sort of hook"; answers m2; private
            1:10 - stop edge
            1:15 - restart
            2:00 B award 3 points
            ? B kimura; stage tap; motive bait; id last
            """;

    public static Bout full() {
        return BoutFile.parse(FULL, Lexicon.shipped()).bout().orElseThrow();
    }
}
