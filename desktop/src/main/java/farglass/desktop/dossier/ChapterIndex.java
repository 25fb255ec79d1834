package farglass.desktop.dossier;

import farglass.core.prose.Answer;
import farglass.core.prose.Page;
import farglass.desktop.desk.Renewal;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/**
 * The chapters of a dossier, each with a mark where the last bout brought news, where something unusual may be claimed, or where there is too
 * little film.
 */
final class ChapterIndex extends ListView<ChapterIndex.Line> {
    /** @param mark "news", "unusual", "thin" or nothing */
    record Line(String chapter, String mark) {
        /** {@return as it is read aloud} */
        @Override
        public String toString() {
            return mark.isEmpty() ? chapter : chapter + ", " + mark;
        }
    }

    private final DossierModel model;
    private boolean isShowing;

    ChapterIndex(DossierModel model) {
        this.model = model;
        setId("chapters");
        getStyleClass().add("chapters");
        setCellFactory(list -> new ChapterCell());
        getSelectionModel().selectedItemProperty().addListener((property, old, line) -> {
            if (line != null && !isShowing) {
                model.chapterProperty().set(line.chapter());
            }
        });
        model.pageProperty().addListener(change -> show());
        model.chapterProperty().addListener(change -> choose());
        show();
    }

    private void show() {
        // Without a page the index is out of sight, and waits for the next, which is mostly of the same chapters.
        model.pageProperty().get().ifPresent(page -> {
            isShowing = true;
            try {
                Renewal.renew(getItems(), lines(page));
            } finally {
                isShowing = false;
            }
            choose();
        });
    }

    private List<Line> lines(Page page) {
        return Stream.of(Stream.of(DossierModel.ONE_MINUTE), page.chapters().stream(), Stream.of(DossierModel.TERMS))
                .flatMap(each -> each)
                .map(chapter -> new Line(chapter, mark(page, chapter)))
                .toList();
    }

    private void choose() {
        getItems().stream()
                .filter(line -> line.chapter().equals(model.chapterProperty().get()))
                .findFirst()
                .ifPresent(getSelectionModel()::select);
    }

    private String mark(Page page, String chapter) {
        boolean news = model.sinceLast()
                .filter(since -> since.chapters().contains(chapter))
                .isPresent();
        return news ? "news" : certainty(page, chapter);
    }

    /** {@return "unusual" where a difference is claimed, "thin" where no question has film enough; else nothing} */
    static String certainty(Page page, String chapter) {
        List<Answer> answers = page.chapter(chapter);
        if (answers.isEmpty()) {
            return "";
        }
        if (answers.stream().anyMatch(Answer::claimsADifference)) {
            return "unusual";
        }
        return answers.stream().allMatch(Answer::isThin) ? "thin" : "";
    }

    private static final class ChapterCell extends ListCell<Line> {
        private final Label name = new Label();
        private final Label mark = new Label();
        private final HBox line = new HBox(6, name, spring(), mark);

        ChapterCell() {
            mark.getStyleClass().add("quiet");
            mark.setMinWidth(Region.USE_PREF_SIZE);
            setPrefWidth(0);
        }

        private static Region spring() {
            Region spring = new Region();
            HBox.setHgrow(spring, Priority.ALWAYS);
            return spring;
        }

        @Override
        protected void updateItem(Line item, boolean empty) {
            super.updateItem(item, empty);
            if (empty || item == null) {
                setGraphic(null);
                return;
            }
            name.setText(item.chapter());
            mark.setText(item.mark());
            setGraphic(line);
        }
    }
}
