package farglass.library.contents;

import java.util.List;
import java.util.Optional;

/**
 * What a library adds to the words of the product.
 *
 * @param stanzas additions to the lexicon, each with its key
 * @param mappings how foreign spreadsheets are read, by name
 */
public record OwnWords(List<Stanza> stanzas, List<KeptMapping> mappings) {
    /** An addition to the lexicon. */
    public record Stanza(String key, String text) {}

    /** A kept mapping, as text. */
    public record KeptMapping(String id, String name, String text) {}

    public OwnWords {
        stanzas = List.copyOf(stanzas);
        mappings = List.copyOf(mappings);
    }

    /** {@return the text of the addition of that key} */
    public Optional<String> text(String key) {
        return stanzas.stream()
                .filter(stanza -> stanza.key().equals(key))
                .map(Stanza::text)
                .findFirst();
    }

    /** {@return the texts of the additions} */
    public List<String> texts() {
        return stanzas.stream().map(Stanza::text).toList();
    }
}
