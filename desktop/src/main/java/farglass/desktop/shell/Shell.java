package farglass.desktop.shell;

import farglass.core.bout.Bout;
import farglass.core.entry.Term;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.desktop.command.CommandButton;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.InterfaceThread;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Settings;
import farglass.desktop.dossier.DossierModel;
import farglass.desktop.dossier.DossierView;
import farglass.desktop.go.GoTo;
import farglass.desktop.go.GoToPage;
import farglass.desktop.lexicon.LexiconModel;
import farglass.desktop.lexicon.LexiconView;
import farglass.desktop.parts.FocusBack;
import farglass.desktop.parts.Hint;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import farglass.desktop.plan.PlanModel;
import farglass.desktop.plan.PlanView;
import farglass.desktop.screening.Player;
import farglass.desktop.shelf.Intake;
import farglass.desktop.shelf.ShelfModel;
import farglass.desktop.shelf.ShelfView;
import farglass.desktop.tag.page.TagModel;
import farglass.desktop.tag.page.TagView;
import farglass.drawing.Palette;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** The places of one open library, with the study in force above them and the state of the work below. */
public final class Shell extends StackPane {
    private final Desk desk;
    private final Commands commands;
    private final Player player;
    private final ExecutorService filmThread = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "film");
        thread.setDaemon(true);
        return thread;
    });
    private final BorderPane page = new BorderPane();
    private final Places places = new Places();
    private final Sheets sheets = new Sheets(page);
    private final StudySwitch studySwitch;
    private final Intake intake;
    private final LexiconModel lexicon;
    private final PlanModel plan;
    private final Settings settings;
    private final TagModel tag;
    private final Map<Place, ToggleButton> names = new EnumMap<>(Place.class);
    private final Timeline following = new Timeline(new KeyFrame(Duration.seconds(1), event -> follow()));

    public Shell(
            Desk desk, Libraries libraries, Settings settings, Choosers choosers, ObservableValue<Palette> palette) {
        this.desk = desk;
        this.settings = settings;
        this.commands = new Commands(desk.messages()::say, done -> settings.used(done.id()));
        desk.schoolProperty().bind(settings.schoolProperty());
        this.player = new Player(filmThread, Platform::runLater);
        this.studySwitch = new StudySwitch(desk, libraries.clock());
        this.intake = new Intake(desk, sheets, choosers, libraries::rulesets);
        this.tag = new TagModel(desk, player, settings);
        this.lexicon = new LexiconModel(desk);
        this.plan = new PlanModel(desk);
        LibraryActions errands = new LibraryActions(desk, libraries, settings, choosers, sheets, tag, commands);
        commands.add(new WindowCommands(desk, sheets, intake, tag, errands, libraries::rulesets)
                .all(this::isTyping, () -> FocusBack.open(studySwitch), this::goTo));
        places.add(Place.SHELF, () -> {
            ShelfView shelf = new ShelfView(commands, new ShelfModel(desk), intake, palette);
            return Places.Laid.of(shelf, shelf::begin);
        });
        places.add(Place.TAG, () -> {
            TagView view = new TagView(
                    commands,
                    tag,
                    libraries::rulesets,
                    new TagSheets(desk, settings, choosers, sheets, intake, lexicon, palette),
                    settings,
                    palette);
            for (Node edge : List.of(page.getTop(), page.getBottom())) {
                edge.visibleProperty().bind(view.largeProperty().not());
                edge.managedProperty().bind(edge.visibleProperty());
            }
            return new Places.Laid(view, view::begin, () -> leave(view), view::close);
        });
        places.add(Place.DOSSIER, () -> {
            DossierView view = new DossierView(commands, new DossierModel(desk), settings, choosers, palette);
            return new Places.Laid(view, view::begin, () -> {}, view::close);
        });
        places.add(Place.PLAN, () -> {
            PlanView view = new PlanView(
                    commands, plan, sheets, choosers, () -> sheets.lay(StudySheets.camp(desk, libraries::rulesets)));
            return Places.Laid.of(view, view::begin);
        });
        places.add(Place.LEXICON, () -> {
            LexiconView book = new LexiconView(commands, lexicon, sheets, settings);
            return Places.Laid.of(book, book::begin);
        });
        commands.completeWith(places::layOutAll);
        getChildren().addAll(page, sheets);
        sheets.setOtherwise(
                () -> places.beginAgain(desk.navigation().placeProperty().get()));
        LibraryMenu menu = new LibraryMenu(desk, commands);
        page.setTop(header(menu));
        page.setBottom(new Foot(desk, errands::messages));
        page.getStyleClass().add("page");
        page.setCenter(places);
        desk.navigation().placeProperty().addListener(change -> show());
        menu.disableProperty().bind(desk.arrivingProperty());
        desk.arrivingProperty().addListener(change -> Platform.runLater(this::showArrived));
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        following.setCycleCount(Timeline.INDEFINITE);
        if (desk.library().readOnly().isPresent()) {
            following.play();
        }
    }

    private HBox header(LibraryMenu menu) {
        Label subtitle = new Label(studySwitch.subtitle());
        subtitle.getStyleClass().add("quiet");
        subtitle.setId("subtitle");
        desk.study().property().addListener(change -> subtitle.setText(studySwitch.subtitle()));
        desk.contentsProperty().addListener(change -> subtitle.setText(studySwitch.subtitle()));
        // Where letters are large, the names of the places stay whole and this line is cut.
        subtitle.setMinWidth(0);
        VBox study = new VBox(studySwitch, subtitle);
        study.setMinWidth(0);
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox header = new HBox(4, study, between);
        header.setAlignment(Pos.CENTER_LEFT);
        header.getStyleClass().add("header");
        for (Place place : Place.values()) {
            ToggleButton name = new ToggleButton(place.label());
            name.getStyleClass().add("place");
            name.setMinWidth(Region.USE_PREF_SIZE);
            name.setId("place-" + place.name().toLowerCase(java.util.Locale.ROOT));
            Hint.put(name, place.key());
            name.setOnAction(event -> {
                name.setSelected(true);
                desk.navigation().placeProperty().set(place);
            });
            names.put(place, name);
            header.getChildren().add(name);
        }
        Button goTo = new CommandButton(commands, GoTo.HERE, "Go to\u2026");
        goTo.setId("go-to-button");
        goTo.getStyleClass().add("go-to");
        goTo.disableProperty().bind(menu.disableProperty());
        for (Region last : new Region[] {goTo, menu}) {
            last.setMinWidth(Region.USE_PREF_SIZE);
            header.getChildren().add(last);
        }
        return header;
    }

    /** One box for everything one can go to or do. */
    private void goTo() {
        GoTo found = new GoTo(
                desk,
                commands,
                tag.open().bout().map(Bout::id),
                settings::uses,
                new GoTo.Ways(this::goToEntry, this::goToPlan));
        GoToPage box = new GoToPage(found, desk.work(), desk.messages()::fail);
        Sheet sheet = new Sheet("Go to", box).with("Go", box::go);
        box.setOnChosen(sheet::doIt);
        sheets.lay(sheet);
    }

    private void goToEntry(Term term) {
        lexicon.searchProperty().set("");
        lexicon.kindProperty().set(Optional.empty());
        lexicon.chosenProperty().set(Optional.of(term));
        desk.navigation().placeProperty().set(Place.LEXICON);
    }

    private void goToPlan(Study study, Athlete opponent) {
        desk.study().property().set(Optional.of(study));
        plan.opponentProperty().set(Optional.of(opponent));
        desk.navigation().placeProperty().set(Place.PLAN);
    }

    private void pressed(KeyEvent event) {
        commands.hear(event, sheets.isLaid() ? List.of(Where.ALWAYS) : List.of(Where.ALWAYS, Where.EVERYWHERE));
    }

    /** While a field holds text, undo is the field's own; on an empty one it is the library's. */
    private boolean isTyping() {
        return getScene() != null
                && getScene().getFocusOwner() instanceof TextInputControl field
                && !field.getText().isEmpty();
    }

    public void show() {
        Place place = desk.navigation().placeProperty().get();
        names.forEach((each, name) -> name.setSelected(each == place));
        if (desk.arrivingProperty().get() && place != Place.SHELF) {
            places.showInstead(place, waiting());
        } else {
            places.show(place);
        }
    }

    /** On the shelf one may have begun something meanwhile, and it is filled by itself. */
    private void showArrived() {
        if (desk.navigation().placeProperty().get() != Place.SHELF) {
            show();
        }
    }

    private void leave(TagView view) {
        view.leave();
        player.playingProperty().set(false);
        tag.leave();
    }

    private Label waiting() {
        Label words = new Label(desk.closed().orElse(""));
        words.setId("waiting");
        words.getStyleClass().add("empty-words");
        words.setWrapText(true);
        words.setMaxWidth(460);
        return words;
    }

    public void begin() {
        // The digit after F2 goes to the menu's own window: it must be taken from there.
        studySwitch.showingProperty().addListener((property, old, showing) -> {
            if (showing && !studySwitch.getItems().isEmpty()) {
                javafx.stage.Window window = studySwitch.getItems().get(0).getParentPopup();
                window.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
                    if (studySwitch.chose(event)) {
                        event.consume();
                    }
                });
            }
        });
        show();
    }

    /** Lays out the places that nobody has wanted yet, each in a turn of its own. */
    public void layOutRest(Executor screen) {
        places.layOutBehind(screen);
    }

    /** Brings them into the window, out of sight, so that they need not be styled when they are wanted. */
    public void bringRest(InterfaceThread screen) {
        places.bringBehind(screen);
    }

    /** {@return whether every place is in the window, in sight or not} */
    public boolean isAllThere() {
        return places.areAllThere();
    }

    /** {@return whether every place is laid out, and can be shown} */
    public boolean isWhole() {
        return places.areAllLaidOut() && !desk.arrivingProperty().get();
    }

    private void follow() {
        desk.follow();
    }

    /** {@return all that can be done in this window} */
    public Commands commands() {
        return commands;
    }

    /** {@return what takes films and files in} */
    public Intake intake() {
        return intake;
    }

    /** {@return the page of that place} */
    public Node place(Place place) {
        return places.of(place).view();
    }

    /** {@return what the Tag place shows} */
    public TagModel tag() {
        return tag;
    }

    /** {@return what the Lexicon place shows} */
    public LexiconModel lexicon() {
        return lexicon;
    }

    public Desk desk() {
        return desk;
    }

    /** Leaves the library as {@link Desk#leave} does. */
    public Runnable leave() {
        tag.leave();
        places.close();
        following.stop();
        player.close();
        filmThread.shutdown();
        return desk.leave();
    }
}
