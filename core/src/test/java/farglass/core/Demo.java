package farglass.core;

import farglass.core.simulate.Cast;

/** The demo, acted once for all tests. */
public final class Demo {
    public static final Cast.Seasons SEASONS = Cast.seasons(Bouts.LEXICON);

    private Demo() {}
}
