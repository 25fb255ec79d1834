package farglass.desktop.tag.ledger;

import farglass.core.bout.Moment;
import farglass.desktop.command.CommandItem;
import farglass.desktop.command.Commands;
import farglass.desktop.desk.Soon;
import farglass.desktop.parts.RowHeights;
import farglass.desktop.tag.Choice;
import farglass.desktop.tag.Playhead;
import farglass.desktop.tag.Tagging;
import farglass.drawing.Palette;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.value.ObservableValue;
import javafx.collections.ListChangeListener;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.IndexedCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;

/** The conversation as a list that stays where the film is; several rows can be chosen at once. */
public final class LedgerView extends StackPane {
    /** Above a moment a quarter of the list shows what led to it; this is the usual height of a row, in pixels. */
    private static final double ROW = 28;

    private static final int MOST_ROWS_BEFORE = 4;

    private final Commands commands;
    private final LedgerModel model;
    private final Choice choice;
    private final Playhead playhead;
    private final ListView<LedgerRow> list;
    private final ReadOnlyIntegerWrapper atFilm = new ReadOnlyIntegerWrapper(-1);
    private boolean following;
    private final Soon followed;
    private final Soon scrolled;
    private int shownRow = -1;
    private int shownRows;
    private Set<String> shownChosen = Set.of();
    private boolean stale;

    public LedgerView(Commands commands, Tagging tag, LedgerModel model, ObservableValue<Palette> palette) {
        this.commands = commands;
        this.model = model;
        this.choice = tag.choice();
        this.playhead = tag.playhead();
        this.followed = tag.desk().soon(this::follow);
        this.scrolled = tag.desk().soon(this::scroll);
        this.list = new ListView<>(model.rows());
        list.setId("ledger");
        list.getStyleClass().add("ledger");
        list.setFocusTraversable(false);
        list.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        RowHeights<LedgerRow> heights = new RowHeights<>();
        list.setCellFactory(any -> new LedgerCell(tag, model, palette, atFilm.getReadOnlyProperty(), heights));
        list.setContextMenu(menu());
        // The list's own selection also changes when its rows do: only what the mouse did is a choice.
        list.addEventHandler(MouseEvent.MOUSE_RELEASED, event -> choose());
        // Before its menu says what can be done with it.
        list.addEventFilter(ContextMenuEvent.CONTEXT_MENU_REQUESTED, event -> choose());
        model.rows().addListener((ListChangeListener<LedgerRow>) change -> {
            stale = true;
            followed.wish();
        });
        // A change listener, so that the model hears of it first and knows who is chosen.
        choice.selectedProperty().addListener((property, old, now) -> followed.wish());
        playhead.nowProperty().addListener(change -> followed.wish());
        // The picks below take and give room: what stood at the foot stays in sight.
        list.heightProperty().addListener(change -> scrolled.wish());
        getChildren().add(list);
        setMinHeight(0);
    }

    /** What the mouse chose in the list. */
    private void choose() {
        if (following) {
            return;
        }
        List<String> ids = new ArrayList<>();
        for (Integer index : list.getSelectionModel().getSelectedIndices()) {
            if (index != null && index >= 0 && index < model.rows().size()) {
                model.rows().get(index).moment().map(Moment::id).ifPresent(ids::add);
            }
        }
        LedgerRow lead = list.getSelectionModel().getSelectedItem();
        Optional<String> leadId =
                Optional.ofNullable(lead).flatMap(LedgerRow::moment).map(Moment::id);
        following = true;
        try {
            choice.choose(ids, leadId);
            leadId.ifPresent(playhead::goTo);
        } finally {
            following = false;
        }
    }

    /** Keeps the list where the film is, or at the chosen moments. */
    private void follow() {
        if (following) {
            return;
        }
        atFilm.set(model.rowAtFilm());
        int row = model.rowShown();
        Set<String> chosen = choice.chosen();
        if (!chosen.equals(shownChosen) || stale) {
            shownChosen = chosen;
            stale = false;
            select(chosen);
        }
        if (row != shownRow || model.rows().size() != shownRows) {
            shownRow = row;
            shownRows = model.rows().size();
            scrolled.wish();
        }
    }

    /**
     * Once for all that happens now, and only where the row is not in sight: to scroll, the list measures all its rows, and eyes lose the
     * place. Rows get their heights, and the list its own, only when they are laid out.
     */
    private void scroll() {
        if (!isInSight(shownRow)) {
            int before = (int) Math.min(MOST_ROWS_BEFORE, list.getHeight() / ROW / 4);
            list.scrollTo(Math.max(0, shownRow - before));
        }
    }

    /** {@return whether it can be read: not cut at the foot of the list} */
    private boolean isInSight(int row) {
        if (!(list.lookup(".virtual-flow") instanceof VirtualFlow<?> flow) || flow.getFirstVisibleCell() == null) {
            return false;
        }
        IndexedCell<?> last = flow.getLastVisibleCell();
        boolean isLastWhole = last.getBoundsInParent().getMaxY() <= list.getHeight() + 1;
        return row >= flow.getFirstVisibleCell().getIndex()
                && (row < last.getIndex() || row == last.getIndex() && isLastWhole);
    }

    private void select(Set<String> chosen) {
        following = true;
        try {
            list.getSelectionModel().clearSelection();
            for (int i = 0; i < model.rows().size() && !chosen.isEmpty(); i++) {
                if (model.rows()
                        .get(i)
                        .moment()
                        .map(Moment::id)
                        .filter(chosen::contains)
                        .isPresent()) {
                    list.getSelectionModel().select(i);
                }
            }
        } finally {
            following = false;
        }
    }

    private ContextMenu menu() {
        return new ContextMenu(
                item("change-words"),
                item("tell-more"),
                item("other-athlete"),
                item("doubt"),
                item("side-left"),
                item("side-right"),
                new SeparatorMenuItem(),
                item("answers-earlier"),
                item("answers-nothing"),
                item("continues"),
                item("can-start-here"),
                new SeparatorMenuItem(),
                item("frame-earlier"),
                item("frame-later"),
                item("at-this-frame"),
                item("split"),
                item("merge"),
                new SeparatorMenuItem(),
                item("fold"),
                item("fold-all"),
                new SeparatorMenuItem(),
                item("remove"));
    }

    private MenuItem item(String command) {
        return new CommandItem(commands, command);
    }
}
