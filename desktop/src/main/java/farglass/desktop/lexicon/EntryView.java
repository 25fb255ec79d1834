package farglass.desktop.lexicon;

import farglass.core.entry.Term;
import farglass.desktop.parts.TitledGrid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The chosen entry of the lexicon. Its lines take on the words of the next one: what is new to a window is styled anew. */
final class EntryView extends VBox {
    private record Line(Label title, Label words) {}

    private final Label empty = wrapped(
            "Type a word, or choose an entry. Every word of an entry can be typed in Tag and in bout files, whichever is shown.");
    private final Label label = new Label();
    private final Label says = wrapped("");
    private final GridPane facts = new TitledGrid();
    private final List<Line> lines = new ArrayList<>();
    private final List<Node> ofOurs;

    /**
     * An entry of which nothing is shown yet.
     *
     * @param always what can be done with any entry
     * @param ofOurs what can be done with one of the library's own
     */
    EntryView(Node always, List<Node> ofOurs) {
        super(10);
        empty.getStyleClass().add("empty-words");
        label.getStyleClass().add("question");
        label.setId("entry-label");
        Label own = new Label("An entry of this library\u2019s own.");
        own.getStyleClass().add("quiet");
        this.ofOurs = new ArrayList<>(ofOurs);
        this.ofOurs.add(own);
        HBox buttons = new HBox(8, always);
        buttons.getChildren().addAll(this.ofOurs);
        buttons.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(empty, label, says, facts, buttons);
        getChildren().forEach(EntryView::takesRoomWhereSeen);
        this.ofOurs.forEach(EntryView::takesRoomWhereSeen);
        show(Optional.empty(), List.of(), false);
    }

    private static void takesRoomWhereSeen(Node node) {
        node.managedProperty().bind(node.visibleProperty());
    }

    private static Label wrapped(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        return label;
    }

    /** @param own whether it is one of the library's own */
    void show(Optional<Term> term, List<TermFacts.Fact> told, boolean own) {
        getChildren().forEach(part -> part.setVisible(term.isPresent() != (part == empty)));
        label.setText(term.map(Term::label).orElse(""));
        says.setText(term.map(Term::says).orElse(""));
        while (lines.size() < told.size()) {
            lines.add(line());
        }
        for (int row = 0; row < lines.size(); row++) {
            Line line = lines.get(row);
            boolean seen = row < told.size();
            line.title().setVisible(seen);
            line.words().setVisible(seen);
            line.title().setText(seen ? told.get(row).title() : "");
            line.words().setText(seen ? told.get(row).words() : "");
        }
        ofOurs.forEach(part -> part.setVisible(own));
    }

    private Line line() {
        Line line = new Line(new Label(), wrapped(""));
        line.title().setMinWidth(Region.USE_PREF_SIZE);
        line.title().getStyleClass().add("quiet");
        GridPane.setValignment(line.title(), VPos.TOP);
        takesRoomWhereSeen(line.title());
        takesRoomWhereSeen(line.words());
        facts.addRow(lines.size(), line.title(), line.words());
        return line;
    }
}
