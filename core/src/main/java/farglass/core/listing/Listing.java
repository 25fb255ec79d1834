package farglass.core.listing;

import java.util.List;

/**
 * The page of a position or technique.
 *
 * @param key of the lexicon
 * @param label as it is shown
 * @param isPosition whether its entries are visits; otherwise they are tries
 * @param summary what they come to, in a sentence of counts
 * @param flows what they come to on their way: how entered or from where, what was tried or answered, where it led
 * @param entries the oldest first
 */
public record Listing(
        String key, String label, boolean isPosition, String summary, List<Flow> flows, List<Entry> entries) {
    public Listing {
        flows = List.copyOf(flows);
        entries = List.copyOf(entries);
    }
}
