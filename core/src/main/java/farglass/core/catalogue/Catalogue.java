package farglass.core.catalogue;

import farglass.core.corpus.Corpus;
import farglass.core.corpus.Scope;
import farglass.core.question.Dossier;
import farglass.core.question.Question;
import java.util.List;

/** The fixed list of questions of a dossier, in the order of the page. */
public final class Catalogue {
    public static final List<Question> ALL = List.of(
            Conceded.QUESTION,
            Starts.QUESTION,
            Takedowns.QUESTION,
            Guards.QUESTION,
            Sweeps.QUESTION,
            Passes.QUESTION,
            BackTakes.QUESTION,
            Finishes.QUESTION,
            Escapes.QUESTION);

    private Catalogue() {}

    /** {@return the dossier of an athlete} */
    public static Dossier dossier(String athlete, Corpus corpus, Scope scope) {
        return Dossier.of(athlete, corpus, scope, ALL);
    }
}
