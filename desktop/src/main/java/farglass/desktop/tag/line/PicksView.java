package farglass.desktop.tag.line;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.core.scribe.Proposal;
import farglass.core.side.Seat;
import farglass.desktop.desk.Soon;
import farglass.desktop.parts.Hint;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Playhead;
import farglass.desktop.tag.Tagging;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The likely next moments, each athlete's in a line of their own behind the name, with the digit that saves it. */
final class PicksView extends VBox {
    /** So long after it last moved, a mouse over the picks is still aiming at one; then it merely lies there. */
    private static final long AIMING_NANOS = 1_500_000_000;

    private final OpenBout open;
    private final Playhead playhead;
    private final Picks picks;
    private final ScribeModel scribe;
    private final List<Button> buttons;
    private final Button more;
    private final MenuButton all;
    private final Label studiedName = name("studied");
    private final Label otherName = name("other");
    private final PickLines lines;
    private final Soon shown;
    private boolean isStale;
    private long mouseMoved;

    PicksView(Tagging tag, ScribeModel scribe) {
        super(1);
        this.open = tag.open();
        this.playhead = tag.playhead();
        this.picks = scribe.picks();
        this.scribe = scribe;
        this.buttons =
                IntStream.rangeClosed(1, Picks.NUMBERED).mapToObj(this::button).toList();
        this.shown = tag.desk().soon(this::showIfSeen);
        this.more = more();
        this.all = all();
        this.lines = new PickLines(Stream.of(List.of(studiedName, otherName), buttons, List.of(more, all))
                .flatMap(List::stream)
                .toList());
        getStyleClass().add("picks");
        setOnMouseEntered(event -> mouseMoved = System.nanoTime());
        setOnMouseMoved(event -> mouseMoved = System.nanoTime());
        setOnMouseExited(event -> mouseMoved = System.nanoTime() - AIMING_NANOS);
        mouseMoved = System.nanoTime() - AIMING_NANOS;
        picks.whileChoosing(() -> System.nanoTime() - mouseMoved < AIMING_NANOS);
        picks.list().addListener((ListChangeListener<Proposal>) change -> renew());
        open.boutProperty().addListener((property, old, now) -> {
            if (!old.map(Bout::id).equals(now.map(Bout::id))) {
                renew();
            }
        });
        // The same picks are said in other words, and whom we study stands in front.
        open.desk().lexiconProperty().addListener(change -> renew());
        open.desk().study().property().addListener(change -> renew());
        visibleProperty().addListener((property, was, is) -> {
            if (is) {
                shown.wish();
            }
        });
        show();
    }

    /** While something else stands in their place, the picks wait: they may change again before they are seen. */
    private void renew() {
        isStale = true;
        shown.wish();
    }

    private void showIfSeen() {
        if (isVisible() && isStale) {
            show();
        }
    }

    private void show() {
        isStale = false;
        Optional<Bout> bout = open.bout();
        if (bout.isEmpty()) {
            getChildren().clear();
            return;
        }
        List<Region> studied = line(studiedName, bout.get(), open.studied());
        List<Region> other = line(otherName, bout.get(), open.studied().other());
        List<Region> nobody = new ArrayList<>();
        for (int i = 0; i < picks.list().size(); i++) {
            Proposal pick = picks.list().get(i);
            dress(buttons.get(i), i + 1, pick, bout.get());
            pick.actor()
                    .map(actor -> actor == open.studied() ? studied : other)
                    .orElse(nobody)
                    .add(buttons.get(i));
        }
        boolean isStudied = studied.size() > 1;
        boolean isOther = other.size() > 1;
        List<Region> last = !nobody.isEmpty() ? nobody : isOther ? other : studied;
        last.addAll(List.of(more, all));
        lines.stand(List.of(isStudied ? studied : List.of(), isOther ? other : List.of(), nobody));
        if (getChildren().isEmpty()) {
            getChildren().add(lines);
        }
    }

    private static List<Region> line(Label name, Bout bout, Seat seat) {
        name.setText(AthleteWords.firstName(bout, seat));
        return new ArrayList<>(List.of(name));
    }

    private static Label name(String style) {
        Label name = new Label();
        name.getStyleClass().addAll("pick-name", "strong", style);
        return name;
    }

    private Button more() {
        Button more = new Button("0  nine more");
        more.setId("pick-more");
        more.getStyleClass().addAll("pick", "quiet");
        more.setFocusTraversable(false);
        more.setOnAction(event -> picks.more());
        return more;
    }

    /** For the mouse alone: everything that the sport lets either of them do from here, by its kind. */
    private MenuButton all() {
        MenuButton all = new MenuButton("all");
        Hint.put(all, "All that can start here, by its kind");
        all.setId("pick-all");
        all.getStyleClass().addAll("small", "word");
        all.setFocusTraversable(false);
        all.setOnShowing(event -> {
            all.getItems().clear();
            Bout bout = open.bout().orElseThrow();
            for (Seat seat : new Seat[] {open.studied(), open.studied().other()}) {
                Menu menu = new Menu(AthleteWords.firstName(bout, seat));
                menu.setMnemonicParsing(false);
                picks.startable(seat).forEach((kind, techniques) -> {
                    Menu ofKind = new Menu(kind.label());
                    techniques.forEach(technique -> {
                        MenuItem item = new MenuItem(technique.label());
                        item.setMnemonicParsing(false);
                        item.setOnAction(chosen -> scribe.take(seat, technique));
                        ofKind.getItems().add(item);
                    });
                    menu.getItems().add(ofKind);
                });
                all.getItems().add(menu);
            }
        });
        // A menu without items never asks for them.
        all.getItems().add(new MenuItem("\u2026"));
        return all;
    }

    private Button button(int digit) {
        Button button = new Button();
        button.setMnemonicParsing(false);
        button.setId("pick-" + digit);
        button.getStyleClass().add("pick");
        button.setFocusTraversable(false);
        return button;
    }

    private void dress(Button button, int digit, Proposal pick, Bout bout) {
        Moment shown = pick.at(
                "shown", OptionalLong.empty(), playhead.stand(), open.desk().lexicon());
        // What is clicked is what stands there, also where the film has run on meanwhile and the picks with it.
        button.setOnAction(event -> scribe.take(pick));
        button.setText(digit + "  " + Phrase.of(shown, bout, open.desk().lexicon()));
        boolean unusual = picks.isUnusual(pick);
        String whose = pick.actor()
                .map(actor -> actor == open.studied() ? "studied" : "other")
                .orElse("");
        List<String> styles = Stream.of("button", "pick", whose, unusual ? "quiet" : "")
                .filter(style -> !style.isEmpty())
                .toList();
        if (!button.getStyleClass().equals(styles)) {
            button.getStyleClass().setAll(styles);
            Hint.put(button, unusual ? "Unusual from here" : "");
        }
    }
}
