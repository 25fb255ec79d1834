package farglass.desktop.lexicon;

import farglass.core.entry.Names;
import farglass.core.entry.Term;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.TextField;

/** Asks what a word means that was typed and that no entry has: another word for an entry, or something of its own. */
public final class UnknownWord {
    private UnknownWord() {}

    /** @param typed the word or words, as they stand in the line */
    public static void ask(LexiconModel model, Sheets sheets, String typed) {
        Form form = new Form();
        TextField meant = form.text(
                "It means",
                model.desk().lexicon().nearest(typed).map(Term::label).orElse(""),
                "a position or technique of the lexicon");
        form.sentence("This library then understands \u201c%s\u201d wherever it is typed. Ctrl+Z takes it back."
                .formatted(typed));
        sheets.lay(new Sheet("What is \u201c" + typed + "\u201d?", form)
                .with(
                        "It is another word for it",
                        () -> name(model, meant.getText().strip(), typed))
                .with("It is a new technique\u2026", () -> {
                    later(sheets, TermSheets.technique(model, typed));
                    return "";
                })
                .with("It is a new position\u2026", () -> {
                    later(sheets, TermSheets.position(model, typed));
                    return "";
                }));
    }

    /** The next page is laid once this one is put away. */
    private static void later(Sheets sheets, Sheet next) {
        Platform.runLater(() -> sheets.lay(next));
    }

    private static String name(LexiconModel model, String meant, String typed) {
        Optional<Term> term = model.desk().lexicon().find(meant);
        return term.map(found -> model.name(
                        found, new Names(List.of(), List.of(), List.of(), List.of(typed), List.of(), List.of())))
                .orElseGet(() ->
                        "\u201c%s\u201d is in the lexicon neither. Write a name it has, or say that it is something new."
                                .formatted(meant));
    }
}
