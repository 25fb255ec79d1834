package farglass.app.library;

import farglass.core.corpus.Corpus;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.listing.Listing;
import farglass.core.listing.TechniqueListing;
import farglass.core.scope.Scope;
import java.util.Optional;
import picocli.CommandLine.Command;

@Command(
        name = "technique",
        mixinStandardHelpOptions = true,
        description =
                "Lists every try of a technique, with its variants: from where, what was done about it, what came of it. Of one athlete or of everybody.")
public final class TechniqueCommand extends ListingCommand {
    @Override
    Listing listing(String named, Optional<String> whose, Corpus corpus, Scope within) {
        Lexicon lexicon = corpus.lexicon();
        Technique technique = lexicon.technique(named)
                .or(() -> lexicon.meanings(named).stream()
                        .filter(Technique.class::isInstance)
                        .map(Technique.class::cast)
                        .findFirst())
                .orElseGet(() -> unknown(named, "technique", lexicon));
        return TechniqueListing.of(technique, whose, corpus, within);
    }
}
