package farglass.core.lexicon;

import farglass.core.entry.Names;
import farglass.core.entry.Position;
import farglass.core.entry.Start;
import farglass.core.entry.Technique;
import java.util.List;
import java.util.Map;

/**
 * What a lexicon text holds, before it is known whether it fits together.
 *
 * @param moreNames further words, by the key of the entry they are for
 * @param moreStarts further places to start from, by the key of the technique they are for
 */
record Entries(
        List<Position> positions,
        List<Technique> techniques,
        Map<String, Names> moreNames,
        Map<String, List<Start>> moreStarts) {}
