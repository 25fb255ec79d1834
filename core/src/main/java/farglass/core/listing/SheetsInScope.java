package farglass.core.listing;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.scope.Scope;
import farglass.core.state.Counting;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The sheets that a listing looks through: those that count, within the scope, the oldest first. */
final class SheetsInScope {
    private SheetsInScope() {}

    static List<BoutSheet> of(Optional<String> athlete, Corpus corpus, Scope scope) {
        Corpus looked = corpus.within(scope.within());
        List<BoutSheet> sheets = athlete.map(looked::of).orElseGet(() -> looked.sheets().stream()
                .filter(sheet -> sheet.standing() == Counting.Standing.COUNTS)
                .toList());
        return sheets.stream()
                .filter(sheet -> athlete.map(name -> scope.holds(sheet.bout(), name, corpus))
                        .orElseGet(() -> scope.holdsForEverybody(sheet.bout(), corpus)))
                .sorted(Comparator.comparing((BoutSheet sheet) ->
                                sheet.bout().header().date().orElse(LocalDate.MIN))
                        .thenComparing(sheet -> sheet.bout().id()))
                .toList();
    }
}
