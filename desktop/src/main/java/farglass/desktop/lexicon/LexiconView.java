package farglass.desktop.lexicon;

import farglass.core.entry.Kind;
import farglass.core.entry.School;
import farglass.core.entry.Term;
import farglass.desktop.command.Command;
import farglass.desktop.command.CommandButton;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Soon;
import farglass.desktop.parts.PartByPart;
import farglass.desktop.parts.Sheets;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** The lexicon as a book: the list of entries on the left, the chosen one in the middle, words without a name on the right. */
public final class LexiconView extends BorderPane {
    private final LexiconModel model;
    private final Sheets sheets;
    private final Settings settings;
    private final TextField search = new TextField();
    private final ListView<Term> entries;
    private final ListView<LexiconModel.Unnamed> unnamed;
    private final EntryView entry;

    public LexiconView(Commands commands, LexiconModel model, Sheets sheets, Settings settings) {
        this.model = model;
        this.sheets = sheets;
        this.settings = settings;
        this.entries = new ListView<>(model.found());
        this.unnamed = new ListView<>(model.unnamed());
        getStyleClass().add("lexicon");
        commands.add(commands());
        this.entry = new EntryView(
                new CommandButton(commands, "more-words", "More words for it\u2026"),
                List.of(
                        new CommandButton(commands, "merge-term", "Merge into\u2026"),
                        new CommandButton(commands, "remove-term", "Remove")));
        setTop(top());
        setLeft(list(commands));
        ScrollPane scroll = new ScrollPane(entry);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        BorderPane.setMargin(scroll, new Insets(0, 20, 0, 24));
        setCenter(scroll);
        setRight(unnamedWords(commands));
        Soon shown = model.desk().soon(this::show);
        model.chosenProperty().addListener(change -> shown.wish());
        model.countsProperty().addListener(change -> shown.wish());
        show();
    }

    private HBox top() {
        search.setId("lexicon-search");
        search.setPromptText("any word, in any school\u2019s language");
        search.textProperty().bindBidirectional(model.searchProperty());
        search.setPrefWidth(300);
        search.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.DOWN || event.getCode() == KeyCode.ENTER) {
                entries.requestFocus();
                entries.getSelectionModel().selectFirst();
                event.consume();
            }
        });
        ComboBox<Optional<Kind>> kinds = new ComboBox<>();
        List<Optional<Kind>> all = new ArrayList<>(List.of(Optional.empty()));
        Arrays.stream(Kind.values()).map(Optional::of).forEach(all::add);
        kinds.getItems().setAll(all);
        kinds.setConverter(words(kind -> kind.map(Kind::label).orElse("every kind")));
        kinds.valueProperty().bindBidirectional(model.kindProperty());
        Label count = new Label();
        count.getStyleClass().add("quiet");
        count.textProperty().bind(model.summaryProperty());
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        ComboBox<School> schools = new ComboBox<>();
        schools.getItems().setAll(School.values());
        schools.setId("school");
        schools.setConverter(words(school -> switch (school) {
            case ENGLISH -> "English";
            case PORTUGUESE -> "Portuguese";
            case JAPANESE -> "Japanese";
        }));
        schools.valueProperty().bindBidirectional(settings.schoolProperty());
        schools.valueProperty().addListener(change -> save());
        Label shown = new Label("Shown in");
        shown.setLabelFor(schools);
        HBox top = new HBox(10, search, kinds, count, between, shown, schools);
        PartByPart.in(top);
        top.setAlignment(Pos.CENTER_LEFT);
        BorderPane.setMargin(top, new Insets(0, 0, 10, 0));
        return top;
    }

    private interface Wording<T> {
        String of(T value);
    }

    private static <T> StringConverter<T> words(Wording<T> wording) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : wording.of(value);
            }

            @Override
            public T fromString(String typed) {
                throw new IllegalStateException("Nothing is typed here");
            }
        };
    }

    private void save() {
        try {
            settings.save();
        } catch (IOException e) {
            model.desk()
                    .messages()
                    .fail("This holds until you close the window; it could not be written: " + e.getMessage());
        }
    }

    private VBox list(Commands commands) {
        entries.setId("entries");
        entries.setPrefWidth(300);
        entries.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(Term term, boolean empty) {
                super.updateItem(term, empty);
                setText(empty || term == null ? "" : term.label());
            }
        });
        entries.getSelectionModel().selectedItemProperty().addListener((property, old, term) -> {
            // Following a choice made elsewhere is no new choice.
            if (term != null && !model.chosenProperty().get().equals(Optional.of(term))) {
                model.chosenProperty().set(Optional.of(term));
            }
        });
        Label none = new Label("No word like that. New technique\u2026 adds one to this library.");
        none.setWrapText(true);
        none.getStyleClass().add("empty-words");
        entries.setPlaceholder(none);
        Button technique = new CommandButton(commands, "new-technique", "New technique\u2026");
        Button position = new CommandButton(commands, "new-position", "New position\u2026");
        VBox.setVgrow(entries, Priority.ALWAYS);
        VBox list = new VBox(8, entries, new HBox(8, technique, position));
        PartByPart.in(list);
        return list;
    }

    private VBox unnamedWords(Commands commands) {
        Label title = new Label("Without a name so far");
        title.getStyleClass().add("section");
        Label how =
                new Label("Words that moments of this library use and the lexicon lacks. Enter names one everywhere.");
        how.setWrapText(true);
        how.setMinHeight(Region.USE_PREF_SIZE);
        how.getStyleClass().add("quiet");
        unnamed.setId("unnamed");
        unnamed.setPrefWidth(250);
        Label none = new Label("None: every moment has a name.");
        none.setWrapText(true);
        none.getStyleClass().add("quiet");
        unnamed.setPlaceholder(none);
        unnamed.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(LexiconModel.Unnamed words, boolean empty) {
                super.updateItem(words, empty);
                setText(empty || words == null ? "" : "%s  (%d)".formatted(words.words(), words.moments()));
            }
        });
        Button name = new CommandButton(commands, "name-words", "Name it\u2026");
        name.disableProperty()
                .bind(unnamed.getSelectionModel().selectedItemProperty().isNull());
        name.visibleProperty().bind(Bindings.isNotEmpty(model.unnamed()));
        unnamed.addEventHandler(KeyEvent.KEY_PRESSED, event -> commands.hear(event, List.of(Where.UNNAMED)));
        unnamed.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                name();
            }
        });
        VBox.setVgrow(unnamed, Priority.ALWAYS);
        VBox side = new VBox(6, title, how, unnamed, name);
        side.setPrefWidth(250);
        PartByPart.in(side);
        return side;
    }

    private void name() {
        LexiconModel.Unnamed words = unnamed.getSelectionModel().getSelectedItem();
        if (words != null) {
            sheets.lay(TermSheets.name(model, words));
        }
    }

    private void show() {
        Optional<Term> chosen = model.chosenProperty().get();
        chosen.filter(term -> !term.equals(entries.getSelectionModel().getSelectedItem()))
                .ifPresent(entries.getSelectionModel()::select);
        entry.show(
                chosen,
                chosen.map(model::facts).orElse(List.of()),
                chosen.filter(model::isOwn).isPresent());
    }

    private List<Command> commands() {
        return List.of(
                Command.of("new-technique", "New technique\u2026", Where.LEXICON)
                        .does(() -> sheets.lay(TermSheets.technique(model, search.getText()))),
                Command.of("new-position", "New position\u2026", Where.LEXICON)
                        .does(() -> sheets.lay(TermSheets.position(model, search.getText()))),
                withTerm("more-words", "More words for the entry\u2026")
                        .does(() -> sheets.lay(TermSheets.words(model, chosen()))),
                withOwn("merge-term", "Merge the entry into another\u2026")
                        .does(() -> sheets.lay(TermSheets.merge(model, chosen()))),
                withOwn("remove-term", "Remove the entry").does(this::remove),
                Command.of("name-words", "Name the chosen words\u2026", Where.UNNAMED, Key.of(KeyCode.ENTER))
                        .needs(
                                () -> unnamed.getSelectionModel().getSelectedItem() != null,
                                "Choose words without a name first")
                        .does(this::name));
    }

    private Command withTerm(String id, String words) {
        return Command.of(id, words, Where.LEXICON)
                .needs(() -> model.chosenProperty().get().isPresent(), "Choose an entry first");
    }

    private Command withOwn(String id, String words) {
        return withTerm(id, words).needs(() -> model.isOwn(chosen()), "This entry comes with the product");
    }

    private Term chosen() {
        return model.chosenProperty().get().orElseThrow();
    }

    private void remove() {
        String wrong = model.remove(chosen());
        if (!wrong.isEmpty()) {
            model.desk().messages().say(wrong);
        }
    }

    public void begin() {
        search.requestFocus();
        search.selectAll();
    }
}
