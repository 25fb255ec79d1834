package farglass.desktop.dossier;

import farglass.core.study.Athlete;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Work;
import farglass.library.contents.Contents;
import java.util.List;
import java.util.Optional;

/** Counts dossiers before anybody asks for one. */
final class CountingAhead {
    /** A library that was just opened is first looked at. */
    private static final long AFTER_MILLIS = 3_000;

    private final Desk desk;
    private final DossierPages pages;
    private Optional<Work.Job> job = Optional.empty();
    /** Of these everything is counted, or being counted. */
    private Contents counted;

    CountingAhead(Desk desk, DossierPages pages) {
        this.desk = desk;
        this.pages = pages;
    }

    /**
     * Counts everybody once while something else is looked at: the first dossier of a large library would else be waited for. After an edit
     * only what it changed is counted again. Of headers alone there is nothing to be counted.
     */
    void count(List<Athlete> athletes) {
        Contents contents = desk.contents();
        if (desk.arrivingProperty().get()
                || contents == counted
                || contents.bouts().isEmpty()
                || athletes.isEmpty()) {
            return;
        }
        counted = contents;
        job.ifPresent(Work.Job::cancel);
        List<String> names = athletes.stream().map(Athlete::name).toList();
        job = Optional.of(desk.work()
                .ahead(
                        AFTER_MILLIS,
                        (progress, cancelled) -> pages.news(names, desk.corpus(contents), cancelled),
                        found -> {
                            desk.study().news().clear();
                            desk.study().news().putAll(found);
                            desk.keepSums();
                        }));
    }

    /** Somebody waits for a page now: that is counted first. */
    void stop() {
        job.ifPresent(Work.Job::cancel);
        counted = null;
    }
}
