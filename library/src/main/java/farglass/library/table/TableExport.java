package farglass.library.table;

import farglass.core.Spelling;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.fact.Certainty;
import farglass.core.notation.BoutFile;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The moments of a bout as a table; read back with a guessed mapping, it gives the same moments. */
public final class TableExport {
    private static final List<Column> COLUMNS = List.of(
            Column.ID,
            Column.TIME,
            Column.WHO,
            Column.WHAT,
            Column.POSITION,
            Column.SIDE,
            Column.OUTCOME,
            Column.LINE,
            Column.STAGE,
            Column.MOTIVE,
            Column.CERTAINTY,
            Column.PRIVATE,
            Column.MORE,
            Column.NOTE);

    private TableExport() {}

    public static Table of(Bout bout) {
        List<Table.Row> rows = new ArrayList<>();
        int line = 1;
        for (Moment moment : bout.moments()) {
            rows.add(new Table.Row(
                    ++line, COLUMNS.stream().map(column -> cell(column, moment)).toList()));
        }
        return new Table(COLUMNS.stream().map(Column::heading).toList(), rows);
    }

    private static String cell(Column column, Moment moment) {
        Telling told = moment.telling();
        return switch (column) {
            case ID -> moment.id();
            case TIME ->
                moment.atMicros().isPresent()
                        ? TimeNotation.inLetters(moment.atMicros().getAsLong())
                        : "?";
            case WHO -> moment.actor().map(Seat::name).orElse("-");
            case WHAT -> BoutFile.deed(moment.deed());
            case POSITION -> moment.settled().map(BoutFile::settled).orElse("");
            case SIDE ->
                told.side()
                        .map(side -> side.owner() + " " + side.side().label())
                        .orElse("");
            case OUTCOME -> told.became().map(Spelling::of).orElse("");
            case LINE -> told.line().map(Spelling::of).orElse("");
            case STAGE -> told.stage().map(Spelling::of).orElse("");
            case MOTIVE -> told.motive().map(Spelling::of).orElse("");
            case CERTAINTY -> told.certainty() == Certainty.SURE ? "" : Spelling.of(told.certainty());
            case PRIVATE -> told.confidential() ? "yes" : "";
            case MORE -> told.facts().stream().map(BoutFile::field).collect(Collectors.joining("; "));
            case NOTE -> told.note().map(TableExport::quotedWhereNeeded).orElse("");
            case TOP, NOTHING -> "";
        };
    }

    /** Notes with line breaks or blanks at their ends are written as in a bout file, so that they come back whole. */
    private static String quotedWhereNeeded(String note) {
        boolean plain = note.equals(note.strip())
                && !note.isEmpty()
                && !note.startsWith("\"")
                && note.chars().noneMatch(Character::isISOControl);
        return plain ? note : BoutFile.quoted(note);
    }
}
