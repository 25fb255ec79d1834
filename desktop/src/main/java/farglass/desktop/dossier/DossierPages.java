package farglass.desktop.dossier;

import farglass.core.bout.Bout;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.prose.Page;
import farglass.core.prose.SinceLast;
import farglass.core.scope.Scope;
import farglass.desktop.desk.Desk;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** Makes the pages of dossiers, and says what last bouts changed in them. Slow: off the interface thread. */
record DossierPages(Desk desk) {
    /** Of the last bout of each: whether it changed anything that may be said. */
    Map<String, String> news(List<String> names, Corpus corpus, BooleanSupplier cancelled) {
        Map<String, String> news = new LinkedHashMap<>();
        for (String name : names) {
            Page shown = Page.of(Catalogue.dossier(name, corpus, Scope.ALL, share -> {}, cancelled), desk.lexicon());
            since(name, corpus, Scope.ALL, shown).ifPresent(since -> news.putIfAbsent(since.bout(), name));
        }
        return news;
    }

    Page page(String name, Corpus corpus, Scope scope) {
        return Page.of(Catalogue.dossier(name, corpus, scope), desk.lexicon());
    }

    /** What the last bout looked at changed; with a single bout there is nothing it could change. */
    Optional<SinceLast> since(String name, Corpus corpus, Scope scope, Page shown) {
        List<Bout> looked = corpus.of(name).stream()
                .map(BoutSheet::bout)
                .filter(bout -> scope.holds(bout, name, corpus))
                .toList();
        if (looked.size() < 2) {
            return Optional.empty();
        }
        Bout last = looked.get(0);
        List<Bout> others = corpus.bouts().stream().filter(bout -> bout != last).toList();
        Page before = page(name, corpus.renewed(others, corpus.lexicon()), scope);
        return Optional.of(SinceLast.of(before, shown, last.id(), last.header()))
                .filter(SinceLast::saysSomething);
    }
}
