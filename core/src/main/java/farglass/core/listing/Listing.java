package farglass.core.listing;

import java.util.List;

/**
 * The page of a position or technique.
 *
 * @param key of the lexicon
 * @param label as it is shown
 * @param isPosition whether its entries are visits; otherwise they are tries
 * @param summary what they come to, in a sentence of counts
 * @param entries the oldest first
 */
public record Listing(String key, String label, boolean isPosition, String summary, List<Entry> entries) {
    public Listing {
        entries = List.copyOf(entries);
    }
}
