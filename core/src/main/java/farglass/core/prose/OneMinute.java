package farglass.core.prose;

import farglass.core.estimate.Share;
import farglass.core.naming.Words;
import farglass.core.question.Claim;
import farglass.core.question.Dossier;
import farglass.core.question.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What matters most of all that may be said, by a written rule: the two largest differences from the others that may be claimed, of
 * different questions; with what points are won, and by what matches are lost; the place in which most of what works for her begins; and
 * the first of what a coach has to know that nobody knows yet. What has too little film is left out, but for the last.
 */
public record OneMinute(Dossier dossier, List<Answer> answers) {
    private static final int DIFFERENCES = 2;

    /** What a coach has to know, the most important first. */
    private static final List<String> HAS_TO_KNOW = List.of(
            "guard",
            "pass done",
            "sweep done",
            "finish done",
            "takedown done",
            "escape done",
            "attacked submission",
            "back take done",
            "first grip",
            "mistake");

    /**
     * One sentence of it.
     *
     * @param about in a word or two: "Unusual", "Wins with"
     * @param row the figure it stands on; empty where nothing was seen
     */
    public record Point(String about, String words, String chapter, Optional<FigureRow> row) {}

    private record Told(Answer answer, FigureRow row, Share share) {}

    List<Point> points() {
        List<Point> points = new ArrayList<>(differences());
        top("points won")
                .map(told -> point("Wins with", "Points come most often from %s.", told))
                .ifPresent(points::add);
        top("lost how")
                .map(told -> point("Loses", "Matches are lost most often %s.", told))
                .ifPresent(points::add);
        top("points lost")
                .map(told -> point("Loses by", "Points are lost most often to %s.", told))
                .ifPresent(points::add);
        stayOutOf().ifPresent(points::add);
        notKnown().ifPresent(points::add);
        return points;
    }

    private Stream<Told> told() {
        return answers.stream().flatMap(answer -> answer.rows().stream()
                .flatMap(row -> row.figure().chances().stream().map(share -> new Told(answer, row, share))));
    }

    private List<Point> differences() {
        Set<String> questions = new HashSet<>();
        return told().filter(told -> told.row().figure().claimed().stream().anyMatch(OneMinute::isDifference))
                .sorted(Comparator.comparingDouble(OneMinute::distance).reversed())
                .filter(told -> questions.add(told.answer().id()))
                .limit(DIFFERENCES)
                .map(told -> new Point(
                        "Unusual",
                        "%s: %s."
                                .formatted(
                                        label(told),
                                        String.join("; ", claims(told.row().figure()))),
                        told.answer().chapter(),
                        Optional.of(told.row())))
                .toList();
    }

    private static boolean isDifference(Claim claim) {
        return claim.match(others -> true, prefers -> false, before -> false);
    }

    private static List<String> claims(Figure figure) {
        return figure.claimed().stream()
                .filter(ClaimWords::saysSomething)
                .map(ClaimWords::of)
                .toList();
    }

    private static double distance(Told told) {
        return told.share().population().isPresent()
                ? Math.abs(told.share().point() - told.share().population().getAsDouble())
                : 0;
    }

    private static String label(Told told) {
        String label = told.row().label();
        String heading = told.row().heading();
        return heading.isEmpty() || heading.equals("By name") || heading.equals("Side")
                ? label
                : "%s: %s".formatted(heading, Words.inSentence(label));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private Optional<Told> top(String ask) {
        return told().filter(told -> told.row().figure().subject().id().equals(ask)
                        && !told.share().isTooLittle())
                .max(Comparator.comparingInt(told -> told.share().successes()));
    }

    /** @param words with a place for what it is most often */
    private static Point point(String about, String words, Told told) {
        return new Point(
                about,
                words.formatted(Words.inSentence(told.row().label())),
                told.answer().chapter(),
                Optional.of(told.row()));
    }

    private Optional<Point> stayOutOf() {
        return told().filter(told -> told.row().figure().subject().id().equals("danger")
                        && !told.share().isTooLittle())
                .max(Comparator.comparingDouble(
                        told -> told.share().point() * told.share().chances()))
                .map(told -> new Point(
                        "Stay out of",
                        "%s: most of what works begins there."
                                .formatted(capital(told.row().label().replaceFirst("^From ", ""))),
                        told.answer().chapter(),
                        Optional.of(told.row())));
    }

    private Optional<Point> notKnown() {
        return HAS_TO_KNOW.stream()
                .flatMap(ask -> answers.stream()
                        .filter(answer -> asks(answer, ask))
                        .filter(answer -> answer.rows().stream()
                                .filter(row -> row.figure().subject().id().equals(ask))
                                .allMatch(row -> row.figure()
                                        .chances()
                                        .filter(share -> !share.isTooLittle())
                                        .isEmpty())))
                .findFirst()
                .map(answer -> {
                    int unwatched = dossier.known() - dossier.watched();
                    return new Point(
                            "Not known",
                            answer.question()
                                    + (unwatched > 0
                                            ? " %d known bout%s not watched yet."
                                                    .formatted(unwatched, unwatched == 1 ? " is" : "s are")
                                            : " There is too little film."),
                            answer.chapter(),
                            Optional.empty());
                });
    }

    private boolean asks(Answer answer, String ask) {
        return dossier.answers().stream()
                .filter(answered -> answered.question().id().equals(answer.id()))
                .anyMatch(answered -> answered.question().asks().stream()
                        .anyMatch(asked -> asked.id().equals(ask)));
    }
}
