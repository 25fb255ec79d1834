package farglass.core.notation;

import static farglass.core.notation.Quoting.quoted;
import static farglass.core.notation.Quoting.words;

import farglass.core.Spelling;
import farglass.core.bout.Background;
import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Header;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.bout.Segment;
import farglass.core.bout.Times;
import farglass.core.side.Seat;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Writes a bout as text. */
final class BoutPrinter {
    /** First line of every bout file of this format. */
    static final String FIRST_LINE = "far-glass bout 1";

    /** A finish that cannot be taken for a score or for two words. */
    private static final Pattern ONE_WORD = Pattern.compile("[a-z][a-z0-9-]*");

    private final Bout bout;
    private final StringBuilder out = new StringBuilder();
    private final Set<String> written = new HashSet<>();
    private final List<Bout.Comment> placed = new ArrayList<>();

    BoutPrinter(Bout bout) {
        this.bout = bout;
    }

    String print() {
        out.append(FIRST_LINE).append('\n');
        header(bout.header());
        out.append('\n');
        int ordinal = 0;
        homeless();
        for (Moment moment : bout.moments()) {
            comments(moment.id());
            out.append(MomentPrinter.line(moment, "m" + ++ordinal)).append('\n');
        }
        comments(Bout.Comment.END);
        return out.toString();
    }

    private void comments(String before) {
        for (Bout.Comment comment : bout.comments()) {
            if (comment.before().equals(before)) {
                write(comment, before);
            }
        }
    }

    private void write(Bout.Comment comment, String before) {
        out.append('#').append(comment.text()).append('\n');
        placed.add(new Bout.Comment(before, comment.text()));
    }

    /** A remark on a header line that says nothing, and so is not written, stands before the moments instead. */
    private void homeless() {
        String next = bout.moments().isEmpty()
                ? Bout.Comment.END
                : bout.moments().get(0).id();
        Set<String> known = new HashSet<>();
        bout.moments().forEach(moment -> known.add(moment.id()));
        known.add(Bout.Comment.END);
        written.forEach(key -> known.add(Bout.Comment.beforeHeader(key)));
        for (Bout.Comment comment : bout.comments()) {
            if (!known.contains(comment.before())) {
                write(comment, next);
            }
        }
    }

    /** {@return the remarks in the order and the places in which they are written} Reading the text gives just these. */
    static List<Bout.Comment> placed(Bout bout) {
        BoutPrinter printer = new BoutPrinter(bout);
        printer.print();
        return printer.placed;
    }

    private void header(Header header) {
        entry("id", words(bout.id()));
        contestant("A", header.a());
        contestant("B", header.b());
        entry("kind", Spelling.of(header.kind()));
        header.event().ifPresent(event -> entry("event", words(event)));
        // A day says more than a year does.
        header.date()
                .map(LocalDate::toString)
                .or(() -> header.background().day().map(Background.RoughDay::text))
                .ifPresent(date -> entry("date", date));
        header.background().division().ifPresent(division -> entry("division", words(division)));
        header.round().ifPresent(round -> entry("round", words(round)));
        entry("ruleset", words(header.ruleset()));
        header.rulesetDate().ifPresent(date -> entry("ruleset date", date.toString()));
        entry("uniform", Spelling.of(header.uniform()));
        header.lengthMicros().ifPresent(length -> entry("length", Times.exact(length)));
        for (FilmLink film : header.films()) {
            String path = film.path().contains(" from ") ? quoted(film.path()) : words(film.path());
            entry("film", path + " from " + Times.exact(film.startMicros()));
        }
        for (Segment segment : header.footage().segments()) {
            entry("segment", segment(segment));
        }
        for (Covered covered : header.covered()) {
            entry(
                    "covered",
                    Spelling.of(covered.layer()) + " " + Times.exact(covered.fromMicros()) + " to "
                            + Times.exact(covered.toMicros()) + (covered.declared() ? " declared" : ""));
        }
        header.footage().opening().ifPresent(opening -> entry("starts", opening(opening)));
        if (header.footage().endsEarly()) {
            entry("ends", "early");
        }
        header.result().ifPresent(this::result);
        if (!header.whole()) {
            entry("material", Spelling.of(header.material()));
        }
        header.background().plan().forEach(item -> entry(planned(item), words(item.words())));
        header.background().claims().forEach(claim -> entry("claim", claim(claim)));
        header.background().differs().ifPresent(differs -> entry("differs", words(differs)));
        header.coders().forEach(coder -> entry("coder", words(coder)));
        header.codingOf().ifPresent(first -> entry("coding of", words(first)));
        header.notes().forEach(note -> entry("note", words(note)));
        header.others().forEach((key, value) -> entry(key, words(value)));
    }

    private void contestant(String seat, Contestant contestant) {
        entry(seat, words(contestant.name()));
        contestant.kit().ifPresent(kit -> entry(seat + " kit", words(kit)));
        contestant.screenSide().ifPresent(side -> entry(seat + " stands", Spelling.of(side)));
        contestant.level().ifPresent(level -> entry(seat + " level", Spelling.of(level)));
        contestant.stance().ifPresent(stance -> entry(seat + " stance", Spelling.of(stance)));
        contestant.weight().ifPresent(weight -> entry(seat + " weight", words(weight)));
        contestant.corner().ifPresent(corner -> entry(seat + " corner", words(corner)));
        contestant.team().ifPresent(team -> entry(seat + " team", words(team)));
        contestant.rank().ifPresent(rank -> entry(seat + " rank", words(rank)));
        contestant.build().ifPresent(build -> entry(seat + " build", words(build)));
    }

    private static String planned(Background.Planned item) {
        return item.number().isEmpty()
                ? item.whose() + " expects"
                : "%s plan %d".formatted(item.whose(), item.number().getAsInt())
                        + (item.refused().isPresent()
                                ? " if %d is refused".formatted(item.refused().getAsInt())
                                : "");
    }

    private static String claim(Background.Claimed claim) {
        return quoted(claim.words())
                + claim.of().map(seat -> " of " + seat).orElse("")
                + claim.by().map(by -> " by " + quoted(by)).orElse("")
                + claim.on().map(on -> " on " + on).orElse("")
                + claim.figure().map(figure -> " figure " + quoted(figure)).orElse("");
    }

    private void result(Result result) {
        entry(
                "result",
                result.winner().map(Seat::name).orElse("nobody") + " by " + Spelling.of(result.method())
                        + result.finish()
                                .map(finish -> " " + (ONE_WORD.matcher(finish).matches() ? finish : quoted(finish)))
                                .orElse("")
                        + result.score()
                                .map(score -> " " + score.a() + "-" + score.b())
                                .orElse(""));
    }

    private static String segment(Segment segment) {
        return Spelling.of(segment.kind()) + " " + Times.exact(segment.fromMicros()) + " to "
                + Times.exact(segment.toMicros())
                + (segment.liveMicros().isPresent()
                        ? " of " + Times.exact(segment.liveMicros().getAsLong())
                        : "");
    }

    private static String opening(MidBoutStart opening) {
        List<String> parts = new ArrayList<>();
        if (opening.leftMicros().isPresent()) {
            parts.add(Times.exact(opening.leftMicros().getAsLong()) + " left");
        }
        for (Seat seat : Seat.values()) {
            opening.of(seat)
                    .ifPresent(marks -> parts.add(
                            seat + " " + marks.points() + " " + marks.advantages() + " " + marks.penalties()));
        }
        return parts.isEmpty() ? "unknown" : String.join(", ", parts);
    }

    private void entry(String key, String value) {
        if (written.add(key)) {
            comments(Bout.Comment.beforeHeader(key));
        }
        out.append(key).append(": ").append(value).append('\n');
    }
}
