package farglass.desktop.dossier;

import farglass.core.bout.BoutKind;
import farglass.core.bout.Contestant;
import farglass.core.bout.Uniform;
import farglass.core.corpus.PartOfBout;
import farglass.core.naming.Words;
import farglass.core.prose.ScopeWords;
import farglass.core.scope.OpponentFilter;
import farglass.core.scope.Setting;
import farglass.core.side.Level;
import farglass.core.side.Stance;
import farglass.core.state.ScoreLine.Lead;
import farglass.core.study.Athlete;
import farglass.desktop.command.Command;
import farglass.desktop.command.CommandItem;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Soon;
import farglass.desktop.dossier.figure.Beside;
import farglass.desktop.parts.PartByPart;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Who is looked at and through what, as one sentence whose words can be changed. */
final class LensBar extends HBox {
    private static final List<PartOfBout.Minutes> MINUTES = List.of(
            new PartOfBout.Minutes(false, 1),
            new PartOfBout.Minutes(false, 2),
            new PartOfBout.Minutes(true, 2),
            new PartOfBout.Minutes(true, 1));

    private final DossierModel model;
    private final LensWord athlete = new LensWord("athlete");
    private final LensWord weighed = new LensWord("weighed");
    private final LensWord uniform = new LensWord("uniform");
    private final LensWord since = new LensWord("since");
    private final LensWord kind = new LensWord("kind");
    private final LensWord rules = new LensWord("rules");
    private final LensWord against = new LensWord("against");
    private final LensWord part = new LensWord("part");
    private final LensWord coder = new LensWord("coder");
    private final LensWord beside = new LensWord("beside");
    /** Asked only where several told what happened. */
    private final HBox toldBy = behind("\u00b7", coder);

    private final FlowPane sentence = new FlowPane(4, 2);
    private final DossierPaper paper;
    private final KeptLenses kept;
    private final Label basis = new Label();

    LensBar(Commands commands, DossierModel model, Settings settings, Choosers choosers) {
        this.model = model;
        this.paper = new DossierPaper(model);
        this.kept = new KeptLenses(model, settings);
        getStyleClass().add("lens");
        setAlignment(Pos.TOP_LEFT);
        athlete.getStyleClass().add("lens-athlete");
        sentence.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        basis.setId("basis");
        basis.getStyleClass().add("quiet");
        basis.setMinWidth(Region.USE_PREF_SIZE);
        LensWord print = new LensWord("print");
        print.setText("Print");
        commands.add(commands(choosers));
        Stream.of("print-coach-pdf", "print-coach-html", "print-all-pdf", "print-all-html", "figures-csv")
                .map(id -> new CommandItem(commands, id))
                .forEach(print.getItems()::add);
        sentence.getChildren().addAll(athlete, quiet("weighed"), weighed);
        Stream.of(uniform, since, kind, rules, against, part)
                .forEach(word -> sentence.getChildren().add(behind("\u00b7", word)));
        sentence.getChildren().addAll(toldBy, behind("\u00b7 beside", beside));
        toldBy.managedProperty().bind(toldBy.visibleProperty());
        PartByPart.in(sentence);
        PartByPart.in(this);
        setSpacing(14);
        getChildren().addAll(sentence, basis, kept, print);
        Soon shown = model.desk().soon(this::show);
        model.athletes().addListener((ListChangeListener<Athlete>) change -> shown.wish());
        model.athleteProperty().addListener(change -> shown.wish());
        model.lensProperty().addListener(change -> shown.wish());
        model.pageProperty().addListener(change -> shown.wish());
        model.besideProperty().addListener(change -> shown.wish());
        show();
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        return label;
    }

    /** What leads to a word goes with it into the next line. */
    private static HBox behind(String lead, LensWord word) {
        HBox both = new HBox(4, quiet(lead), word);
        both.setAlignment(Pos.CENTER_LEFT);
        return both;
    }

    private void change(Lens lens) {
        model.lensProperty().set(lens);
    }

    private void show() {
        setVisible(model.athleteProperty().get().isPresent());
        if (!isVisible()) {
            return;
        }
        Lens lens = model.lensProperty().get();
        Setting setting = lens.filters().setting();
        athlete.offer(
                model::athletes,
                model.athleteProperty().get().orElseThrow(),
                Athlete::name,
                each -> model.athleteProperty().set(Optional.of(each)));
        weighed.offer(
                () -> List.of(Lens.Weights.values()),
                lens.weights(),
                each -> each.words(model.choices().studysWeights()),
                each -> change(lens.weighing(each)));
        uniform.offer(
                () -> LensWord.any(List.of(Uniform.GI, Uniform.NO_GI)),
                setting.uniform(),
                ScopeWords::worn,
                worn -> change(lens.in(setting.in(worn))));
        showYears(lens);
        kind.say(
                ScopeWords.kinds(setting),
                () -> LensWord.choices(
                        LensWord.any(List.of(BoutKind.values())),
                        setting.kinds().stream().findFirst(),
                        each -> each.map(only -> only.label() + " only").orElse("every kind of bout"),
                        each -> change(lens.of(each))));
        rules.offer(
                () -> LensWord.any(model.choices().told(header -> List.of(header.ruleset()))),
                setting.ruleset(),
                ScopeWords::rules,
                name -> change(lens.in(setting.under(name))));
        showAgainst(lens);
        showPart(lens);
        List<String> coders = model.choices().told(header -> header.coders());
        coder.offer(
                () -> LensWord.any(coders),
                setting.coder(),
                ScopeWords::coder,
                name -> change(lens.in(setting.toldBy(name))));
        beside.offer(
                () -> LensWord.any(model.choices().canStandBeside()),
                model.besideProperty().get(),
                LensBar::besides,
                model.besideProperty()::set);
        kept.show();
        toldBy.setVisible(coders.size() > 1 || setting.coder().isPresent());
        basis.setText(model.pageProperty()
                .get()
                .map(page -> "%d of %d known bouts were watched".formatted(page.watched(), page.known()))
                .orElse(""));
    }

    /** All years, since one of them, or a single bout. */
    private void showYears(Lens lens) {
        Setting setting = lens.filters().setting();
        List<Beside.OneBout> bouts = model.choices().singleBouts();
        Optional<Beside.OneBout> only = bouts.stream()
                .filter(bout -> setting.bout().equals(Optional.of(bout.id())))
                .findFirst();
        String said = only.map(LensBar::only)
                .or(() -> setting.bout().map(id -> "only the bout " + id))
                .orElseGet(() -> ScopeWords.days(lens.filters().period()));
        since.say(said, () -> years(lens, bouts, only));
    }

    private List<MenuItem> years(Lens lens, List<Beside.OneBout> bouts, Optional<Beside.OneBout> only) {
        Setting setting = lens.filters().setting();
        Lens every = lens.in(setting.only(Optional.empty()));
        List<MenuItem> items = new ArrayList<>(LensWord.choices(
                LensWord.any(model.choices().years()),
                setting.bout().isPresent()
                        ? null
                        : lens.filters().period().from().map(day -> day.getYear()),
                year -> year.map(from -> "since " + from).orElse("all years"),
                year -> change(every.since(year))));
        items.add(new SeparatorMenuItem());
        items.addAll(LensWord.choices(
                bouts,
                only.orElse(null),
                LensBar::only,
                bout -> change(lens.since(Optional.empty()).in(setting.only(Optional.of(bout.id()))))));
        return items;
    }

    private static String only(Beside.OneBout bout) {
        return "only " + bout.words();
    }

    private void showAgainst(Lens lens) {
        OpponentFilter whom = lens.filters().against();
        against.say(ScopeWords.against(whom), () -> opponents(lens, whom));
    }

    private List<MenuItem> opponents(Lens lens, OpponentFilter whom) {
        List<MenuItem> items = new ArrayList<>(LensWord.choices(
                List.of(OpponentFilter.ANYBODY), whom, ScopeWords::against, anybody -> change(lens.against(anybody))));
        items.add(new SeparatorMenuItem());
        items.addAll(LensWord.choices(
                Arrays.stream(Stance.values())
                        .filter(stance -> isTold(other -> other.stance(), stance))
                        .toList(),
                whom.stance().orElse(null),
                stance -> ScopeWords.against(OpponentFilter.ANYBODY.standing(Optional.of(stance))),
                stance -> change(lens.against(whom.standing(other(whom.stance(), stance))))));
        items.addAll(LensWord.choices(
                Arrays.stream(Level.values())
                        .filter(belt -> isTold(other -> other.level(), belt))
                        .toList(),
                whom.level().orElse(null),
                belt -> ScopeWords.against(OpponentFilter.ANYBODY.ranked(Optional.of(belt))),
                belt -> change(lens.against(whom.ranked(other(whom.level(), belt))))));
        Optional<String> ours = model.desk().study().ours().map(Athlete::name);
        ours.filter(name -> !model.athleteProperty().get().map(Athlete::name).equals(Optional.of(name)))
                .ifPresent(name -> items.addAll(LensWord.choices(
                        List.of(name),
                        whom.like().orElse(null),
                        each -> "against those like " + each,
                        each -> change(lens.against(whom.like(other(whom.like(), each)))))));
        return items;
    }

    /** Only what some opponent has is offered. */
    private <T> boolean isTold(Function<Contestant, Optional<T>> what, T asked) {
        return !model.choices()
                .told(header -> what.apply(model.choices().other(header)).equals(Optional.of(asked))
                        ? List.of("told")
                        : List.of())
                .isEmpty();
    }

    /** Choosing what is in force takes it back. */
    private static <T> Optional<T> other(Optional<T> now, T chosen) {
        return now.equals(Optional.of(chosen)) ? Optional.empty() : Optional.of(chosen);
    }

    private void showPart(Lens lens) {
        PartOfBout part = lens.filters().within();
        this.part.say(ScopeWords.within(part), () -> parts(lens, part));
    }

    private List<MenuItem> parts(Lens lens, PartOfBout part) {
        List<MenuItem> items = new ArrayList<>(LensWord.choices(
                List.of(PartOfBout.WHOLE), part, ScopeWords::within, whole -> change(lens.within(whole))));
        items.add(new SeparatorMenuItem());
        items.addAll(LensWord.choices(
                MINUTES,
                part.minutes().orElse(null),
                PartOfBout.Minutes::words,
                minutes -> change(lens.within(new PartOfBout(other(part.minutes(), minutes), part.lead())))));
        items.add(new SeparatorMenuItem());
        items.addAll(LensWord.choices(
                List.of(Lead.values()),
                part.lead().orElse(null),
                lead -> ScopeWords.within(new PartOfBout(Optional.empty(), Optional.of(lead))),
                lead -> change(lens.within(new PartOfBout(part.minutes(), other(part.lead(), lead))))));
        return items;
    }

    private static String besides(Optional<Beside> beside) {
        return beside.map(held -> held.beforeYear()
                        .map(year -> "their own bouts before " + year)
                        .or(() -> held.bout().map(bout -> "their own bout of " + bout.words()))
                        .orElse(held.athlete()))
                .orElse("the others alone");
    }

    private List<Command> commands(Choosers choosers) {
        return List.of(
                withPage("print-coach-pdf", "Two pages for a coach, as PDF\u2026")
                        .does(() -> print(choosers, "pdf", false)),
                withPage("print-coach-html", "Two pages for a coach, as a web page\u2026")
                        .does(() -> print(choosers, "html", false)),
                withPage("print-all-pdf", "The whole dossier, as PDF\u2026").does(() -> print(choosers, "pdf", true)),
                withPage("print-all-html", "The whole dossier, as a web page\u2026")
                        .does(() -> print(choosers, "html", true)),
                withPage("figures-csv", "Every figure as a table, as CSV\u2026").does(() -> table(choosers)));
    }

    private Command withPage(String id, String words) {
        return Command.of(id, words, Where.DOSSIER)
                .needs(() -> model.pageProperty().get().isPresent(), "Look at a dossier first");
    }

    private void table(Choosers choosers) {
        model.pageProperty().get().ifPresent(page -> choosers.save(
                        "Write the figures", "Tables", "csv", fileName(page.athlete(), "csv"))
                .ifPresent(file -> paper.write(page, file)));
    }

    private static String fileName(String athlete, String ending) {
        return "dossier-%s.%s".formatted(Words.plain(athlete).replace(' ', '-'), ending);
    }

    private void print(Choosers choosers, String ending, boolean whole) {
        paper.report(whole).ifPresent(report -> choosers.save(
                        "Print the dossier",
                        ending.equals("pdf") ? "PDF" : "Web pages",
                        ending,
                        fileName(report.page().athlete(), ending))
                .ifPresent(file -> paper.print(report, file)));
    }
}
