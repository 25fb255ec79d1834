package farglass.library.contents;

import farglass.core.bout.Bout;
import farglass.core.change.Now;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.library.store.Store;
import java.util.Optional;
import java.util.function.Consumer;

/** What is in the library's file, read within the very transaction that will write. */
public final class OnDisk implements Now {
    private final Store store;
    /** Throws for a bout that is not as it was written. */
    private final Consumer<String> check;

    public OnDisk(Store store, Consumer<String> check) {
        this.store = store;
        this.check = check;
    }

    /** @throws LibraryException.Damaged if it is there and cannot be believed */
    @Override
    public Optional<Bout> bout(String id) {
        check.accept(id);
        return store.find("bout", id)
                .map(row -> row.told(bout -> BoutRows.bout(
                        bout,
                        store.where("moment", "bout", id, "ord, key").stream()
                                .map(moment -> moment.told(MomentRows::moment))
                                .toList(),
                        key -> athlete(key).map(Athlete::name).orElseThrow())));
    }

    @Override
    public Optional<Study> study(String id) {
        Optional<String> focus = store.find("study_focus", id).map(row -> row.text("focus"));
        return store.find("study", id)
                .map(row -> row.told(
                        study -> StudyRows.study(study, store.where("study_subject", "study", id, "ord"), focus)));
    }

    @Override
    public Optional<GamePlan> plan(String study, String opponent) {
        return store.where("plan", "study", study, "key").stream()
                .filter(row -> row.text("opponent").equals(opponent))
                .findFirst()
                .map(row ->
                        row.told(plan -> StudyRows.plan(plan, store.where("plan_line", "plan", plan.key(), "ord"))));
    }

    @Override
    public Optional<Athlete> athlete(String id) {
        return store.find("athlete", id).map(row -> new Athlete(row.key(), row.text("name")));
    }

    @Override
    public Optional<Athlete> athleteNamed(String name) {
        return store.where("athlete", "name", name, "key").stream()
                .findFirst()
                .map(row -> new Athlete(row.key(), row.text("name")));
    }

    @Override
    public Optional<String> term(String key) {
        return store.find("term", key).map(row -> row.text("stanza"));
    }

    @Override
    public Optional<String> mapping(String id) {
        return store.find("mapping", id).map(row -> row.text("text"));
    }
}
