package farglass.library.table;

import farglass.core.naming.Words;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What a column of a table can tell of a moment, with the headings by which it is recognised. */
public enum Column {
    ID("id of the moment", "id"),
    TIME(
            "time",
            "time",
            "at",
            "timestamp",
            "start",
            "begin",
            "when",
            "clock",
            "tempo",
            "hora",
            "inicio",
            "min",
            "seconds",
            "sec"),
    WHO("who did it", "who", "actor", "athlete", "player", "fighter", "quem", "atleta", "by"),
    WHAT(
            "what happened",
            "what",
            "technique",
            "action",
            "event",
            "move",
            "tag",
            "label",
            "tecnica",
            "acao",
            "waza",
            "position or technique"),
    SIDE("whose side", "side", "lado", "left right", "l/r", "direction"),
    OUTCOME(
            "what became of it",
            "became",
            "outcome",
            "success",
            "worked",
            "successful",
            "resultado",
            "completed",
            "scored"),
    POSITION("where it settled", "settled", "position", "to position", "ends in", "posicao", "landing"),
    TOP("who is on top then", "top", "on top", "por cima"),
    LINE("the line reached", "line", "depth", "linha"),
    STAGE("the stage reached", "stage", "phase", "fase"),
    MOTIVE("why", "motive", "why", "motivo"),
    CERTAINTY("how sure", "certainty", "sure", "confidence", "certeza"),
    PRIVATE("private", "private", "confidential"),
    NOTE("a note", "note", "notes", "comment", "comments", "remark", "description", "nota", "notas", "observacao"),
    MORE("further fields as in a bout file", "more", "fields"),
    NOTHING("nothing: leave it out");

    private final String label;
    private final List<String> headings;

    Column(String label, String... headings) {
        this.label = label;
        this.headings = List.of(headings);
    }

    /** {@return what it tells, in words} */
    public String label() {
        return label;
    }

    /** {@return the heading under which a column of our own tables stands} */
    String heading() {
        return headings.get(0);
    }

    static Optional<Column> named(String heading) {
        String plain = Words.plain(heading).replaceAll("[^\\p{L}\\p{N}/ ]", "").strip();
        return Arrays.stream(values())
                .filter(column -> column.headings.contains(plain))
                .findFirst();
    }
}
