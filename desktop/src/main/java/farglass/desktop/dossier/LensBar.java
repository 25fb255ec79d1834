package farglass.desktop.dossier;

import farglass.core.bout.BoutKind;
import farglass.core.bout.Uniform;
import farglass.core.lexicon.Words;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Choosers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Who is looked at and through what, as one sentence whose words can be changed. */
final class LensBar extends HBox {
    private final DossierModel model;
    private final MenuButton athlete = word("athlete");
    private final MenuButton weighed = word("weighed");
    private final MenuButton uniform = word("uniform");
    private final MenuButton since = word("since");
    private final MenuButton kind = word("kind");
    private final MenuButton beside = word("beside");
    private final Label basis = new Label();

    LensBar(DossierModel model, Choosers choosers) {
        this.model = model;
        getStyleClass().add("lens");
        setAlignment(Pos.CENTER_LEFT);
        athlete.getStyleClass().add("lens-athlete");
        FlowPane sentence = new FlowPane(
                4,
                2,
                athlete,
                quiet("weighed"),
                weighed,
                quiet("\u00b7"),
                uniform,
                quiet("\u00b7"),
                since,
                quiet("\u00b7"),
                kind,
                quiet("\u00b7 beside"),
                beside);
        sentence.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        basis.setId("basis");
        basis.getStyleClass().add("quiet");
        basis.setMinWidth(Region.USE_PREF_SIZE);
        MenuButton print = word("print");
        print.setText("Print");
        print.getItems()
                .setAll(
                        item("Two pages for a coach, as PDF\u2026", () -> print(choosers, "pdf", false)),
                        item("Two pages for a coach, as a web page\u2026", () -> print(choosers, "html", false)),
                        item("Everything, as PDF\u2026", () -> print(choosers, "pdf", true)),
                        item("Everything, as a web page\u2026", () -> print(choosers, "html", true)));
        setSpacing(14);
        getChildren().addAll(sentence, basis, print);
        model.athletes().addListener((ListChangeListener<Athlete>) change -> show());
        model.athleteProperty().addListener(change -> show());
        model.lensProperty().addListener(change -> show());
        model.pageProperty().addListener(change -> show());
        model.besideProperty().addListener(change -> show());
        show();
    }

    private static MenuButton word(String id) {
        MenuButton word = new MenuButton();
        word.setId("lens-" + id);
        word.getStyleClass().add("lens-word");
        word.setMnemonicParsing(false);
        return word;
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        return label;
    }

    private static MenuItem item(String words, Runnable doing) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(event -> doing.run());
        return item;
    }

    private void change(Lens lens) {
        model.lensProperty().set(lens);
    }

    private void show() {
        Lens lens = model.lensProperty().get();
        setVisible(model.athleteProperty().get().isPresent());
        athlete.setText(model.athleteProperty().get().map(Athlete::name).orElse(""));
        athlete.getItems()
                .setAll(model.athletes().stream()
                        .map(each ->
                                item(each.name(), () -> model.athleteProperty().set(Optional.of(each))))
                        .toList());
        weighed.setText(weighing(lens.weighed()));
        weighed.getItems()
                .setAll(Stream.of(true, false)
                        .map(as -> item(weighing(as), () -> change(lens.weighing(as))))
                        .toList());
        uniform.setText(worn(lens.uniform()));
        uniform.getItems()
                .setAll(Stream.of(Optional.<Uniform>empty(), Optional.of(Uniform.GI), Optional.of(Uniform.NO_GI))
                        .map(worn -> item(worn(worn), () -> change(lens.in(worn))))
                        .toList());
        since.setText(years(lens.sinceYear()));
        List<Optional<Integer>> years = new ArrayList<>(List.of(Optional.empty()));
        model.years().forEach(year -> years.add(Optional.of(year)));
        since.getItems()
                .setAll(years.stream()
                        .map(year -> item(years(year), () -> change(lens.since(year))))
                        .toList());
        kind.setText(kinds(lens.kind()));
        List<Optional<BoutKind>> kinds = new ArrayList<>(List.of(Optional.empty()));
        Stream.of(BoutKind.values()).forEach(each -> kinds.add(Optional.of(each)));
        kind.getItems()
                .setAll(kinds.stream()
                        .map(each -> item(kinds(each), () -> change(lens.of(each))))
                        .toList());
        beside.setText(besides(model.besideProperty().get()));
        List<MenuItem> besides = new ArrayList<>();
        besides.add(item(besides(Optional.empty()), () -> model.besideProperty().set(Optional.empty())));
        model.canStandBeside()
                .forEach(each -> besides.add(item(
                        besides(Optional.of(each)), () -> model.besideProperty().set(Optional.of(each)))));
        beside.getItems().setAll(besides);
        basis.setText(model.pageProperty()
                .get()
                .map(page -> "%d of %d known bouts were watched".formatted(page.watched(), page.known()))
                .orElse(""));
    }

    private String weighing(boolean asTheStudyDoes) {
        return asTheStudyDoes ? model.studysWeights() : "all bouts alike";
    }

    private static String worn(Optional<Uniform> uniform) {
        return uniform.map(worn -> worn == Uniform.GI ? "in the gi" : "without the gi")
                .orElse("gi or not");
    }

    private static String years(Optional<Integer> since) {
        return since.map(year -> "since " + year).orElse("all years");
    }

    private static String kinds(Optional<BoutKind> kind) {
        return kind.map(each -> each.name().toLowerCase(Locale.ROOT) + " only").orElse("every kind of bout");
    }

    private static String besides(Optional<Beside> beside) {
        return beside.map(held -> held.beforeYear()
                        .map(year -> "their own bouts before " + year)
                        .orElse(held.athlete()))
                .orElse("the others alone");
    }

    private void print(Choosers choosers, String ending, boolean whole) {
        model.report(whole).ifPresent(report -> choosers.save(
                        "Print the dossier",
                        ending.equals("pdf") ? "PDF" : "Web pages",
                        ending,
                        "dossier-%s.%s"
                                .formatted(Words.plain(report.page().athlete()).replace(' ', '-'), ending))
                .ifPresent(file -> model.print(report, file)));
    }
}
