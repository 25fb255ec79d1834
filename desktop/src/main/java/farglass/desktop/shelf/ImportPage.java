package farglass.desktop.shelf;

import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.prose.HowMany;
import farglass.core.state.Counting;
import farglass.desktop.parts.Form;
import farglass.library.exchange.BoutImport;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** What importing bout files would do, file by file, and names for the words that have none. */
final class ImportPage extends VBox {
    private static final int MOST_WORDS = 20;
    private static final int MOST_FILES = 60;
    private static final int MOST_MESSAGES = 12;

    private final BoutImport preview;
    private final Lexicon lexicon;
    private final Map<String, TextField> names = new LinkedHashMap<>();
    private final CheckBox watched = new CheckBox();

    ImportPage(BoutImport preview, Lexicon lexicon) {
        super(6);
        this.preview = preview;
        this.lexicon = lexicon;
        setPrefWidth(620);
        preview.items().stream().limit(MOST_FILES).forEach(this::file);
        if (preview.items().size() > MOST_FILES) {
            add("and %d more files".formatted(preview.items().size() - MOST_FILES), "strong");
        }
        count();
        words(preview.unnamed());
    }

    private void count() {
        long uncounted = preview.items().stream()
                .flatMap(item -> item.bout().stream())
                .filter(bout -> Counting.standing(bout) == Counting.Standing.NOT_WATCHED)
                .count();
        if (uncounted > 0) {
            watched.setText(
                    uncounted == 1
                            ? "_Watched from first to last moment: count it"
                            : "_Watched from first to last moment: count the %d bouts that do not say"
                                    .formatted(uncounted));
            watched.setMnemonicParsing(true);
            watched.setId("count-watched");
            getChildren().add(watched);
        }
    }

    private void words(Map<String, Integer> unnamed) {
        if (unnamed.isEmpty()) {
            return;
        }
        add("Words without a name; what they are can be said here, or later in the Lexicon:", "quiet");
        Form form = new Form();
        unnamed.entrySet().stream()
                .limit(MOST_WORDS)
                .forEach(word -> names.put(
                        word.getKey(),
                        form.text(
                                "%s (%d)".formatted(shortened(word.getKey()), word.getValue()),
                                "",
                                lexicon.nearest(word.getKey())
                                        .map(near -> "is it " + near.label() + "?")
                                        .orElse("a technique"))));
        getChildren().add(form);
    }

    private static String shortened(String words) {
        return words.length() > 40 ? words.substring(0, 40) + "\u2026" : words;
    }

    private void file(BoutImport.Item item) {
        add(summary(item), "strong");
        item.bout().flatMap(Counting::sentence).ifPresent(why -> add(why, "remarks"));
        item.messages().stream().limit(MOST_MESSAGES).forEach(message -> add(message, "quiet"));
        if (item.messages().size() > MOST_MESSAGES) {
            add("and %d more".formatted(item.messages().size() - MOST_MESSAGES), "quiet");
        }
        if (item.noted() > 0) {
            add(
                    item.noted() == 1
                            ? "One phrase has no word; it is kept as it stands and counted by its kind."
                            : "%d phrases have no word; they are kept as they stand and counted by their kind."
                                    .formatted(item.noted()),
                    "quiet");
        }
    }

    private static String summary(BoutImport.Item item) {
        return item.bout()
                .map(bout -> {
                    List<String> parts = new ArrayList<>();
                    parts.add("%s: %s \u2013 %s, %s"
                            .formatted(
                                    item.file().getFileName(),
                                    bout.header().a().name(),
                                    bout.header().b().name(),
                                    HowMany.of(bout.moments().size(), "moment")));
                    if (item.replaces()) {
                        parts.add("replaces the bout of the same id");
                    }
                    if (!item.newAthletes().isEmpty()) {
                        parts.add("new: " + String.join(", ", item.newAthletes()));
                    }
                    return String.join("; ", parts);
                })
                .orElseGet(() -> item.file().getFileName() + ": cannot be imported");
    }

    private void add(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        getChildren().add(label);
    }

    /** {@return what is wrong with a name given here; empty if all are techniques} */
    String problem() {
        for (Map.Entry<String, TextField> name : names.entrySet()) {
            String typed = name.getValue().getText().strip();
            if (!typed.isEmpty() && technique(typed).isEmpty()) {
                return "\u201c%s\u201d is no technique of the lexicon.".formatted(typed);
            }
        }
        return "";
    }

    private Optional<Term> technique(String typed) {
        return lexicon.find(typed).filter(Technique.class::isInstance);
    }

    /** {@return the import with the names given here} */
    BoutImport named() {
        Map<String, String> keys = new LinkedHashMap<>();
        names.forEach(
                (words, field) -> technique(field.getText().strip()).ifPresent(term -> keys.put(words, term.key())));
        BoutImport named = preview.naming(keys);
        return watched.isSelected() ? named.watched() : named;
    }
}
