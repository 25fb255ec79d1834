package farglass.app.library;

import farglass.core.corpus.Corpus;
import farglass.core.entry.Position;
import farglass.core.lexicon.Lexicon;
import farglass.core.listing.Listing;
import farglass.core.listing.PositionListing;
import farglass.core.scope.Scope;
import java.util.Optional;
import picocli.CommandLine.Command;

@Command(
        name = "position",
        mixinStandardHelpOptions = true,
        description =
                "Lists every visit to a position: how it was entered, what was tried, what came of it. Of one athlete or of everybody.")
public final class PositionCommand extends ListingCommand {
    @Override
    Listing listing(String named, Optional<String> whose, Corpus corpus, Scope within) {
        Lexicon lexicon = corpus.lexicon();
        Position position = lexicon.position(named)
                .or(() -> lexicon.place(named))
                .orElseGet(() -> unknown(named, "position", lexicon));
        return PositionListing.of(position, whose, corpus, within);
    }
}
