package farglass.library;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Certainty;
import farglass.core.bout.Deed;
import farglass.core.bout.Line;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.bout.Side;
import farglass.core.bout.Stage;
import farglass.core.bout.Telling;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/** A moment as its row, and back. What happened stands in columns; what is told of it besides, in one JSON column. */
final class MomentRows {
    private MomentRows() {}

    static String key(String bout, String id) {
        return bout + "/" + id;
    }

    static Row row(String bout, Moment moment, double ord) {
        ObjectNode more = JsonNodeFactory.instance.objectNode();
        Telling telling = moment.telling();
        telling.side().ifPresent(side -> more.put("sideOf", side.owner().name())
                .put("side", side.side().name()));
        telling.line().ifPresent(line -> more.put("line", line.name()));
        telling.stage().ifPresent(stage -> more.put("stage", stage.name()));
        telling.motive().ifPresent(motive -> more.put("motive", motive.name()));
        telling.answers().ifPresent(answers -> more.put("answers", answers));
        if (telling.certainty() != Certainty.SURE) {
            more.put("certainty", telling.certainty().name());
        }
        if (telling.confidential()) {
            more.put("private", true);
        }
        telling.note().ifPresent(note -> more.put("note", note));
        moment.settled().filter(Settled::workedOut).ifPresent(settled -> more.put("workedOut", true));

        Map<String, Object> columns = new HashMap<>();
        columns.put("bout", bout);
        columns.put("id", moment.id());
        columns.put("ord", ord);
        columns.put("at_us", moment.atMicros().isPresent() ? moment.atMicros().getAsLong() : null);
        columns.put("actor", moment.actor().map(Seat::name).orElse(null));
        columns.put("deed", deed(moment.deed(), columns, more));
        columns.putIfAbsent("technique", null);
        columns.put("position", moment.settled().map(Settled::position).orElse(null));
        columns.put(
                "top", moment.settled().flatMap(Settled::top).map(Seat::name).orElse(null));
        columns.put("became", telling.became().map(Became::name).orElse(null));
        columns.put("more", more.toString());
        return new Row("moment", key(bout, moment.id()), columns);
    }

    private static String deed(Deed deed, Map<String, Object> columns, ObjectNode more) {
        if (deed instanceof Deed.Did did) {
            columns.put("technique", did.technique());
            return "did";
        }
        if (deed instanceof Deed.Unnamed unnamed) {
            columns.put("technique", unnamed.words());
            return "unnamed";
        }
        if (deed instanceof Deed.Awarded awarded) {
            more.put("award", awarded.award().kind().name())
                    .put("points", awarded.award().points());
            return "awarded";
        }
        if (deed instanceof Deed.Stopped stopped) {
            more.put("reason", stopped.reason());
            return "stopped";
        }
        return deed instanceof Deed.Restarted ? "restarted" : deed instanceof Deed.Reached ? "reached" : "mark";
    }

    static Moment moment(Row row) {
        JsonNode more = Json.read(row.text("more"));
        Long at = row.whole("at_us");
        Optional<OwnedSide> side = Json.text(more, "side")
                .map(word -> new OwnedSide(Seat.valueOf(more.path("sideOf").asText()), Side.valueOf(word)));
        Optional<Settled> settled = Optional.ofNullable(row.text("position"))
                .map(position -> new Settled(
                        position,
                        Optional.ofNullable(row.text("top")).map(Seat::valueOf),
                        more.path("workedOut").asBoolean()));
        Telling telling = new Telling(
                side,
                Optional.ofNullable(row.text("became")).map(Became::valueOf),
                Json.text(more, "line").map(Line::valueOf),
                Json.text(more, "stage").map(Stage::valueOf),
                Json.text(more, "motive").map(Motive::valueOf),
                Json.text(more, "answers"),
                Json.text(more, "certainty").map(Certainty::valueOf).orElse(Certainty.SURE),
                more.path("private").asBoolean(),
                Json.text(more, "note"));
        return new Moment(
                row.text("id"),
                at == null ? OptionalLong.empty() : OptionalLong.of(at),
                Optional.ofNullable(row.text("actor")).map(Seat::valueOf),
                deed(row, more),
                settled,
                telling);
    }

    private static Deed deed(Row row, JsonNode more) {
        return switch (row.text("deed")) {
            case "did" -> new Deed.Did(row.text("technique"));
            case "unnamed" -> new Deed.Unnamed(row.text("technique"));
            case "reached" -> new Deed.Reached();
            case "awarded" ->
                new Deed.Awarded(new Award(
                        Award.Kind.valueOf(more.path("award").asText()),
                        more.path("points").asInt()));
            case "stopped" -> new Deed.Stopped(more.path("reason").asText());
            case "restarted" -> new Deed.Restarted();
            case "mark" -> new Deed.Mark();
            default -> throw new IllegalArgumentException("No such deed: " + row.text("deed"));
        };
    }
}
