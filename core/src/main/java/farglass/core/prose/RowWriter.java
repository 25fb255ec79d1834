package farglass.core.prose;

import farglass.core.estimate.Share;
import farglass.core.estimate.time.Rate;
import farglass.core.estimate.time.TimeShare;
import farglass.core.naming.Words;
import farglass.core.question.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Writes the rows of one ask.
 *
 * @param figures those of the ask, each with a row
 * @param beside figures of other asks that are told as notes in these rows
 */
record RowWriter(BlankFiller blanks, List<Figure> figures, List<Figure> beside) {
    private static final double MINUTES = 10;

    private static final String TOO_LITTLE =
            "What was seen is worth less than four chances: believe the count, and look at the film.";
    private static final String APART =
            "The count lies outside of what is likely, since %s: in a camp old bouts, and those in another uniform or under other"
                    + " rules, weigh less; and what happens again and again in one bout is worth less than the same in many.";

    List<FigureRow> rows() {
        return ordered().stream()
                .map(figure -> figure.match(this::row, this::row, this::row, this::row, this::row, this::row))
                .toList();
    }

    private List<Figure> ordered() {
        Optional<Comparator<String>> order = figures.stream()
                .findFirst()
                .flatMap(first -> first.subject().wording().order());
        return order.isEmpty()
                ? figures
                : figures.stream()
                        .sorted(Comparator.comparing(Figure::option, order.get()))
                        .toList();
    }

    private FigureRow row(Figure.Proportion figure) {
        Share share = figure.share();
        String caution = share.isTooLittle()
                ? "too little film"
                : Amounts.apart(share)
                        .map(weighed -> "these %d %s".formatted(share.chances(), weighed))
                        .orElse("");
        String why = share.isTooLittle() ? TOO_LITTLE : caution.isEmpty() ? "" : APART.formatted(caution);
        return row(
                figure,
                Amounts.raw(share),
                "%s\u2013%s %%".formatted(Amounts.percent(share.low80()), Amounts.percent(share.high80())),
                caution,
                why,
                Optional.of(new Bar(
                        share.low95(),
                        share.low80(),
                        share.point(),
                        share.high80(),
                        share.high95(),
                        share.population())));
    }

    private FigureRow row(Figure.Pace figure) {
        Rate rate = figure.rate();
        // The rows of one ask share a scale.
        double most = figures.stream()
                .mapToDouble(each -> each.match(
                        proportion -> 0.0,
                        pace -> pace.rate().high95(),
                        length -> 0.0,
                        listing -> 0.0,
                        part -> 0.0,
                        longest -> 0.0))
                .max()
                .orElseThrow();
        OptionalDouble others = rate.population().isPresent()
                ? OptionalDouble.of(Math.min(1, rate.population().getAsDouble() / most))
                : OptionalDouble.empty();
        return row(
                figure,
                String.format(Locale.ROOT, "%d in %.0f min", rate.times(), rate.minutes()),
                String.format(Locale.ROOT, "%.1f\u2013%.1f", MINUTES * rate.low80(), MINUTES * rate.high80()),
                "",
                "",
                Optional.of(new Bar(
                        rate.low95() / most,
                        rate.low80() / most,
                        rate.point() / most,
                        rate.high80() / most,
                        rate.high95() / most,
                        others)));
    }

    private FigureRow row(Figure.Length figure) {
        String count = "%d of %d"
                .formatted(figure.durations().ended(), figure.durations().stays());
        return row(figure, count, "", Amounts.length(figure.durations()), "", Optional.empty());
    }

    private FigureRow row(Figure.Listing figure) {
        return row(figure, String.valueOf(figure.evidence().size()), "", "", "", Optional.empty());
    }

    private FigureRow row(Figure.Part figure) {
        TimeShare time = figure.time();
        Optional<Bar> bar = time.error()
                .map(error -> new Bar(
                        error.low95(),
                        error.low80(),
                        time.share(),
                        error.high80(),
                        error.high95(),
                        OptionalDouble.empty()));
        String likely = time.error()
                .map(error ->
                        "%s\u2013%s %%".formatted(Amounts.percent(error.low80()), Amounts.percent(error.high80())))
                .orElse("");
        return row(figure, Amounts.part(time), likely, "", "", bar);
    }

    private FigureRow row(Figure.Longest figure) {
        return row(figure, Amounts.lasted(figure.stay()), "", "", "", Optional.empty());
    }

    private FigureRow row(Figure figure, String count, String likely, String caution, String why, Optional<Bar> bar) {
        return FigureRowBuilder.builder()
                .label(blanks.label(figure))
                .heading(figure.subject().wording().heading())
                .figure(figure)
                .count(count)
                .likely(likely)
                .of(figure.subject().wording().of())
                .basis(blanks.basis(figure))
                .note(note(figure))
                .caution(caution)
                .why(why)
                .bar(bar)
                .create();
    }

    private String note(Figure figure) {
        List<String> said = new ArrayList<>();
        figure.claimed().forEach(claim -> said.add(ClaimWords.of(claim)));
        List<String> parts = new ArrayList<>();
        for (Figure other : beside(beside, figure)) {
            other.match(
                    proportion ->
                            said.add(blanks.fill(proportion.subject().wording().row(), List.of(other))),
                    pace -> said.add(blanks.fill(pace.subject().wording().row(), List.of(other))),
                    length -> said.add(blanks.fill(length.subject().wording().row(), List.of(other))),
                    listing -> parts.add(Words.inSentence(blanks.option(listing)) + " "
                            + listing.evidence().size()),
                    part -> said.add(blanks.fill(part.subject().wording().row(), List.of(other))),
                    longest -> said.add(blanks.fill(longest.subject().wording().row(), List.of(other))));
        }
        if (!parts.isEmpty()) {
            said.add("of these " + String.join(", ", parts));
        }
        // What was said of the ask as a whole stands beside its first row.
        if (figure.equals(figures.get(0)) || blanks.saidOf(figures.get(0)).isEmpty()) {
            said.addAll(blanks.saidOf(figure));
        }
        return String.join("; ", said);
    }

    /** {@return those that belong to the same option} */
    static List<Figure> beside(List<Figure> beside, Figure figure) {
        return beside.stream()
                .filter(other -> other.match(
                                Figure.Proportion::option,
                                Figure.Pace::option,
                                Figure.Length::option,
                                Figure.Listing::within,
                                Figure.Part::option,
                                Figure.Longest::option)
                        .equals(figure.option()))
                .toList();
    }
}
