package farglass.desktop.dossier;

import farglass.core.prose.Answer;
import farglass.core.prose.Page;
import java.util.List;
import java.util.Optional;
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
final class ChapterIndex extends ListView<String> {
    private final DossierModel model;

    ChapterIndex(DossierModel model) {
        this.model = model;
        setId("chapters");
        getStyleClass().add("chapters");
        setCellFactory(list -> new ChapterCell());
        getSelectionModel().selectedItemProperty().addListener((property, old, chapter) -> {
            if (chapter != null) {
                model.chapterProperty().set(chapter);
            }
        });
        model.pageProperty().addListener(change -> show());
        model.chapterProperty().addListener(change -> choose());
        show();
    }

    private void show() {
        List<String> chapters = model.pageProperty()
                .get()
                .map(page -> Stream.of(
                                Stream.of(DossierModel.ONE_MINUTE),
                                page.chapters().stream(),
                                Stream.of(DossierModel.TERMS))
                        .flatMap(each -> each)
                        .toList())
                .orElse(List.of());
        if (!chapters.equals(getItems())) {
            getItems().setAll(chapters);
        }
        refresh();
        choose();
    }

    private void choose() {
        getSelectionModel().select(model.chapterProperty().get());
    }

    /** {@return "unusual" where a difference is claimed, "thin" where no question has film enough; else nothing} */
    static String mark(Page page, String chapter) {
        List<Answer> answers = page.chapter(chapter);
        if (answers.isEmpty()) {
            return "";
        }
        if (answers.stream().anyMatch(Answer::claimsADifference)) {
            return "unusual";
        }
        return answers.stream().allMatch(Answer::isThin) ? "thin" : "";
    }

    private final class ChapterCell extends ListCell<String> {
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
        protected void updateItem(String chapter, boolean empty) {
            super.updateItem(chapter, empty);
            if (empty || chapter == null) {
                setGraphic(null);
                return;
            }
            name.setText(chapter);
            Optional<Page> page = model.pageProperty().get();
            boolean news = model.sinceLast()
                    .filter(since -> since.chapters().contains(chapter))
                    .isPresent();
            mark.setText(news ? "news" : page.map(known -> mark(known, chapter)).orElse(""));
            setGraphic(line);
        }
    }
}
