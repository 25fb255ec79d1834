package farglass.library.contents;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.Telling;
import farglass.core.bout.TellingBuilder;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.fact.Link;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.library.json.BoutMapper;
import farglass.library.store.Row;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/** A moment as its row, and back. What happened stands in columns; what is told of it besides, in one JSON column. */
public final class MomentRows {
    private MomentRows() {}

    public static String key(String bout, String id) {
        return bout + "/" + id;
    }

    public static Row row(String bout, Moment moment, double ord) {
        ObjectNode more = JsonNodeFactory.instance.objectNode();
        Telling telling = moment.telling();
        telling.side().ifPresent(side -> more.put("sideOf", side.owner().name())
                .put("side", side.side().name()));
        telling.line().ifPresent(line -> more.put("line", line.name()));
        telling.stage().ifPresent(stage -> more.put("stage", stage.name()));
        telling.motive().ifPresent(motive -> more.put("motive", motive.name()));
        if (telling.certainty() != Certainty.SURE) {
            more.put("certainty", telling.certainty().name());
        }
        if (telling.confidential()) {
            more.put("private", true);
        }
        if (!telling.facts().isEmpty()) {
            more.set("facts", BoutMapper.mapper().valueToTree(telling.facts().toArray(Fact[]::new)));
        }
        telling.note().ifPresent(note -> more.put("note", note));
        moment.settled().flatMap(Settled::side).ifPresent(side -> more.put(
                        "onSideOf", side.owner().name())
                .put("onSide", side.side().name()));
        moment.settled().flatMap(Settled::passing).ifPresent(seat -> more.put("passing", seat.name()));
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
        if (deed.did().isPresent()) {
            columns.put("technique", deed.did().get());
            return "did";
        }
        if (deed.unnamed().isPresent()) {
            Deed.Unnamed unnamed = deed.unnamed().get();
            columns.put("technique", unnamed.words());
            unnamed.kind().ifPresent(kind -> more.put("kind", kind));
            return "unnamed";
        }
        if (!(deed.onlyPlace() || deed.onlyTime())) {
            more.set("deed", BoutMapper.mapper().valueToTree(deed));
            return "other";
        }
        return deed.onlyPlace() ? "reached" : "mark";
    }

    public static Moment moment(Row row) {
        JsonNode more = Json.read(row.text("more"));
        Long at = row.whole("at_us");
        Optional<OwnedSide> side = Json.text(more, "side")
                .map(word -> new OwnedSide(Seat.valueOf(more.path("sideOf").asText()), Side.valueOf(word)));
        Optional<Settled> settled = Optional.ofNullable(row.text("position"))
                .map(position -> new Settled(
                        position,
                        Optional.ofNullable(row.text("top")).map(Seat::valueOf),
                        Json.text(more, "onSide")
                                .map(word -> new OwnedSide(
                                        Seat.valueOf(more.path("onSideOf").asText()), Side.valueOf(word))),
                        Json.text(more, "passing").map(Seat::valueOf),
                        more.path("workedOut").asBoolean()));
        Telling telling = TellingBuilder.builder()
                .certainty(Json.text(more, "certainty").map(Certainty::valueOf).orElse(Certainty.SURE))
                .confidential(more.path("private").asBoolean())
                .side(side)
                .became(Optional.ofNullable(row.text("became")).map(Became::valueOf))
                .line(Json.text(more, "line").map(Line::valueOf))
                .stage(Json.text(more, "stage").map(Stage::valueOf))
                .motive(Json.text(more, "motive").map(Motive::valueOf))
                .note(Json.text(more, "note"))
                .facts(facts(more))
                .create();
        return new Moment(
                row.text("id"),
                at == null ? OptionalLong.empty() : OptionalLong.of(at),
                Optional.ofNullable(row.text("actor")).map(Seat::valueOf),
                deed(row, more),
                settled,
                telling);
    }

    private static List<Fact> facts(JsonNode more) {
        List<Fact> facts = new ArrayList<>();
        // Libraries of the first version kept the one answer apart.
        Json.text(more, "answers").map(Link::answering).ifPresent(facts::add);
        more.path("facts").forEach(fact -> facts.add(Json.as(fact, Fact.class)));
        return facts;
    }

    private static Deed deed(Row row, JsonNode more) {
        return switch (row.text("deed")) {
            case "did" -> new Deed.Did(row.text("technique"));
            case "unnamed" -> new Deed.Unnamed(row.text("technique"), Json.text(more, "kind"));
            case "reached" -> new Deed.Reached();
            case "mark" -> new Deed.Mark();
            case "other" -> Json.as(more.path("deed"), Deed.class);
            // So did libraries of the first version tell these three.
            case "awarded" ->
                new Deed.Awarded(new Award(
                        Award.Kind.valueOf(more.path("award").asText()),
                        more.path("points").asInt()));
            case "stopped" -> new Deed.Stopped(more.path("reason").asText());
            case "restarted" -> new Deed.Restarted();
            default -> throw new IllegalArgumentException("No such deed: " + row.text("deed"));
        };
    }
}
