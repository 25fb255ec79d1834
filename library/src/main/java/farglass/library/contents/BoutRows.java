package farglass.library.contents;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.core.bout.Background;
import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Contestant;
import farglass.core.bout.ContestantBuilder;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Footage;
import farglass.core.bout.FootageBuilder;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.bout.Material;
import farglass.core.bout.Method;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.bout.Segment;
import farglass.core.bout.Uniform;
import farglass.core.fact.Layer;
import farglass.core.side.Level;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.side.Stance;
import farglass.library.json.BoutMapper;
import farglass.library.store.Row;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Function;

/** A bout as its row, and back. */
public final class BoutRows {
    private BoutRows() {}

    public static Row row(Bout bout, String aKey, String bKey) {
        Header header = bout.header();
        ObjectNode more = JsonNodeFactory.instance.objectNode();
        more.set("A", contestant(header.a()));
        more.set("B", contestant(header.b()));
        header.result().ifPresent(result -> more.set("result", result(result)));
        ArrayNode films = more.putArray("films");
        header.films()
                .forEach(film -> films.addObject().put("path", film.path()).put("startUs", film.startMicros()));
        ArrayNode covered = more.putArray("covered");
        header.covered().forEach(stretch -> covered.addObject()
                .put("layer", stretch.layer().name())
                .put("fromUs", stretch.fromMicros())
                .put("toUs", stretch.toMicros())
                .put("declared", stretch.declared()));
        Footage footage = header.footage();
        put(
                more,
                "segments",
                footage.segments().toArray(Segment[]::new),
                !footage.segments().isEmpty());
        footage.opening().ifPresent(opening -> put(more, "opening", opening, true));
        put(more, "endsEarly", true, footage.endsEarly());
        // Libraries of the first versions knew only whole bouts and highlights: the column says so still.
        put(more, "material", footage.material(), footage.material() == Material.DEMONSTRATION);
        put(more, "coders", header.coders(), !header.coders().isEmpty());
        header.codingOf().ifPresent(first -> more.put("codingOf", first));
        put(more, "background", header.background(), !header.background().equals(Background.NONE));
        put(more, "notes", header.notes(), !header.notes().isEmpty());
        header.rulesetDate().ifPresent(date -> more.put("rulesetDate", date.toString()));
        ObjectNode others = more.putObject("others");
        header.others().forEach(others::put);
        ArrayNode comments = more.putArray("comments");
        bout.comments()
                .forEach(comment ->
                        comments.addObject().put("before", comment.before()).put("text", comment.text()));

        Map<String, Object> columns = new HashMap<>();
        columns.put("a", aKey);
        columns.put("b", bKey);
        columns.put("kind", header.kind().name());
        columns.put("event", header.event().orElse(null));
        columns.put("held_on", header.date().map(LocalDate::toString).orElse(null));
        columns.put("round", header.round().orElse(null));
        columns.put("ruleset", header.ruleset());
        columns.put("uniform", header.uniform().name());
        columns.put(
                "length_us",
                header.lengthMicros().isPresent() ? header.lengthMicros().getAsLong() : null);
        columns.put("whole", header.whole() ? 1L : 0L);
        columns.put("more", more.toString());
        return new Row("bout", bout.id(), columns);
    }

    private static void put(ObjectNode more, String field, Object value, boolean told) {
        if (told) {
            more.set(field, BoutMapper.mapper().valueToTree(value));
        }
    }

    private static ObjectNode contestant(Contestant contestant) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        contestant.kit().ifPresent(kit -> node.put("kit", kit));
        contestant.screenSide().ifPresent(side -> node.put("side", side.name()));
        contestant.level().ifPresent(level -> node.put("level", level.name()));
        contestant.stance().ifPresent(stance -> node.put("stance", stance.name()));
        contestant.weight().ifPresent(weight -> node.put("weight", weight));
        contestant.corner().ifPresent(corner -> node.put("corner", corner));
        contestant.team().ifPresent(team -> node.put("team", team));
        contestant.rank().ifPresent(rank -> node.put("rank", rank));
        contestant.build().ifPresent(build -> node.put("build", build));
        return node;
    }

    private static ObjectNode result(Result result) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        result.winner().ifPresent(winner -> node.put("winner", winner.name()));
        node.put("method", result.method().name());
        result.finish().ifPresent(finish -> node.put("finish", finish));
        result.score().ifPresent(score -> node.put("a", score.a()).put("b", score.b()));
        return node;
    }

    /** {@return the bout; throws {@link RuntimeException} on any value that is none of ours, for {@link Contents} to name} */
    public static Bout bout(Row row, List<Moment> moments, Function<String, String> nameOf) {
        JsonNode more = Json.read(row.text("more"));
        Long length = row.whole("length_us");
        List<FilmLink> films = new ArrayList<>();
        more.path("films")
                .forEach(film -> films.add(new FilmLink(
                        film.path("path").asText(), film.path("startUs").asLong())));
        List<Covered> covered = new ArrayList<>();
        more.path("covered")
                .forEach(stretch -> covered.add(new Covered(
                        Layer.valueOf(stretch.path("layer").asText()),
                        stretch.path("fromUs").asLong(),
                        stretch.path("toUs").asLong(),
                        stretch.path("declared").asBoolean())));
        Map<String, String> others = new HashMap<>();
        more.path("others")
                .properties()
                .forEach(entry -> others.put(entry.getKey(), entry.getValue().asText()));
        List<Bout.Comment> comments = new ArrayList<>();
        more.path("comments")
                .forEach(comment -> comments.add(new Bout.Comment(
                        comment.path("before").asText(), comment.path("text").asText())));
        Header header = HeaderBuilder.builder()
                .kind(BoutKind.valueOf(row.text("kind")))
                .ruleset(row.text("ruleset"))
                .uniform(Uniform.valueOf(row.text("uniform")))
                .lengthMicros(length == null ? OptionalLong.empty() : OptionalLong.of(length))
                .a(contestant(nameOf.apply(row.text("a")), more.path("A")))
                .b(contestant(nameOf.apply(row.text("b")), more.path("B")))
                .footage(FootageBuilder.builder()
                        .material(material(row, more))
                        .endsEarly(more.path("endsEarly").asBoolean())
                        .films(films)
                        .covered(covered)
                        .segments(all(more.path("segments"), node -> Json.as(node, Segment.class)))
                        .opening(
                                more.has("opening")
                                        ? Optional.of(Json.as(more.path("opening"), MidBoutStart.class))
                                        : Optional.empty())
                        .create())
                .background(
                        more.has("background") ? Json.as(more.path("background"), Background.class) : Background.NONE)
                .event(Optional.ofNullable(row.text("event")))
                .date(Optional.ofNullable(row.text("held_on")).map(LocalDate::parse))
                .round(Optional.ofNullable(row.text("round")))
                .rulesetDate(Json.text(more, "rulesetDate").map(LocalDate::parse))
                .result(more.has("result") ? Optional.of(result(more.path("result"))) : Optional.empty())
                .coders(all(more.path("coders"), JsonNode::asText))
                .codingOf(Json.text(more, "codingOf"))
                .notes(all(more.path("notes"), JsonNode::asText))
                .others(others)
                .create();
        return new Bout(row.key(), header, moments, comments);
    }

    private static Material material(Row row, JsonNode more) {
        if (more.has("material")) {
            return Json.as(more.path("material"), Material.class);
        }
        return row.whole("whole") == 1 ? Material.BOUT : Material.CLIPS;
    }

    private static <T> List<T> all(JsonNode list, Function<JsonNode, T> each) {
        List<T> all = new ArrayList<>();
        list.forEach(node -> all.add(each.apply(node)));
        return all;
    }

    private static Contestant contestant(String name, JsonNode node) {
        return ContestantBuilder.builder()
                .name(name)
                .kit(Json.text(node, "kit"))
                .screenSide(Json.text(node, "side").map(Side::valueOf))
                .level(Json.text(node, "level").map(Level::valueOf))
                .stance(Json.text(node, "stance").map(Stance::valueOf))
                .weight(Json.text(node, "weight"))
                .corner(Json.text(node, "corner"))
                .team(Json.text(node, "team"))
                .rank(Json.text(node, "rank"))
                .build(Json.text(node, "build"))
                .create();
    }

    private static Result result(JsonNode node) {
        return new Result(
                Json.text(node, "winner").map(Seat::valueOf),
                Method.valueOf(node.path("method").asText()),
                Json.text(node, "finish"),
                node.has("a")
                        ? Optional.of(new Result.Score(
                                node.path("a").asInt(), node.path("b").asInt()))
                        : Optional.empty());
    }
}
