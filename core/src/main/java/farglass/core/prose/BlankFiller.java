package farglass.core.prose;

import farglass.core.corpus.Evidence;
import farglass.core.estimate.Share;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.question.Figure;
import farglass.core.question.Hearsay;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** What the blanks of a {@link farglass.core.question.Wording} stand for, of one athlete, in the words of one school. */
record BlankFiller(String athlete, Lexicon lexicon, List<Hearsay> said, Map<Layer, Integer> unwatched) {
    BlankFiller {
        said = List.copyOf(said);
        unwatched = Map.copyOf(unwatched);
    }

    /** {@return the words, filled in from these figures of one ask} The first of them is the commonest. */
    String fill(String words, List<Figure> figures) {
        Map<String, Supplier<String>> values = new LinkedHashMap<>();
        values.put("name", () -> athlete.strip().split("\\s+")[0]);
        Optional<Share> share = figures.stream().findFirst().flatMap(Figure::chances);
        int chances = share.map(Share::chances).orElse(0);
        share.ifPresent(known -> {
            values.put("n", () -> String.valueOf(chances));
            values.put("times", () -> Amounts.times(chances));
            values.put("count", () -> Amounts.counted(known));
            values.put("often", () -> often(known));
            values.put("raw", () -> Amounts.raw(known));
            values.put("brief", () -> known.isTooLittle() ? Amounts.raw(known) : Amounts.counted(known));
        });
        values.put("each", () -> each(figures));
        figures.stream().findFirst().ifPresent(first -> {
            values.put("option", () -> Words.inSentence(option(first)));
            values.put("claims", () -> first.claimed().stream()
                    .filter(ClaimWords::saysSomething)
                    .map(claim -> ", " + ClaimWords.of(claim))
                    .collect(Collectors.joining()));
            length(first).ifPresent(length -> values.put("length", () -> Amounts.length(length.durations())));
            amount(first).ifPresent(amount -> values.put("amount", () -> amount));
        });
        return Template.fill(words, chances, values);
    }

    /** {@return what is counted, as it stands by itself} */
    String option(Figure figure) {
        return figure.subject().wording().inLexicon() ? lexicon.label(figure.option()) : figure.option();
    }

    /** {@return the label of the figure's row} */
    String label(Figure figure) {
        String row = figure.subject().wording().row();
        // Within a sentence "closed guard", at the head of a row "Closed guard".
        String label = row.equals("{option}") ? option(figure) : fill(row, List.of(figure));
        return label.isEmpty() ? label : label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
    }

    private String each(List<Figure> figures) {
        return Amounts.joined(figures.stream()
                .map(figure -> "%s in %d"
                        .formatted(
                                Words.inSentence(option(figure)),
                                figure.chances()
                                        .map(Share::successes)
                                        .orElse(figure.evidence().size())))
                .toList());
    }

    private static Optional<Figure.Length> length(Figure figure) {
        return figure.match(
                proportion -> Optional.empty(),
                pace -> Optional.empty(),
                Optional::of,
                listing -> Optional.empty(),
                part -> Optional.empty(),
                longest -> Optional.empty());
    }

    /** How much, of figures that are no count of chances. */
    private static Optional<String> amount(Figure figure) {
        return figure.match(
                proportion -> Optional.empty(),
                pace -> Optional.empty(),
                length -> Optional.empty(),
                listing -> Optional.of(Amounts.times(listing.evidence().size())),
                part -> Optional.of(Amounts.part(part.time())),
                longest -> Optional.of(Amounts.lasted(longest.stay())));
    }

    /** {@return what people said that concerns the figure, each with who said it} */
    List<String> saidOf(Figure figure) {
        return said.stream()
                .filter(each -> each.concerns(figure))
                .map(each -> "said: " + each.words())
                .distinct()
                .toList();
    }

    /** {@return what looking would settle it: "; 14 known bouts were not watched for errors"; empty where all were} */
    String wouldSettle(Set<Layer> layers) {
        // What only a closer viewing shows is missing wherever that viewing is.
        return layers.stream()
                .max(Comparator.naturalOrder())
                .filter(layer -> unwatched.getOrDefault(layer, 0) > 0)
                .map(layer -> "; %d known bout%s not watched%s"
                        .formatted(
                                unwatched.get(layer),
                                unwatched.get(layer) == 1 ? " was" : "s were",
                                layer == Layer.STORY ? " at all" : " for " + layer.label()))
                .orElse("");
    }

    /** {@return "in 9 bouts; 6 more known bouts were not watched for this"} */
    String basis(Figure figure) {
        long bouts = figure.match(
                        proportion -> Optional.of(proportion.share().bouts()),
                        pace -> Optional.of(pace.rate().bouts()),
                        length -> Optional.<Integer>empty(),
                        listing -> Optional.<Integer>empty(),
                        part -> Optional.of(part.time().bouts()),
                        longest -> Optional.<Integer>empty())
                .orElseGet(() -> (int) figure.evidence().stream()
                        .map(Evidence::bout)
                        .distinct()
                        .count());
        int more = unwatched.getOrDefault(figure.subject().layer(), 0);
        String in = "in %d bout%s".formatted(bouts, bouts == 1 ? "" : "s");
        return more == 0
                ? in
                : "%s; %d more known bout%s not watched for this".formatted(in, more, more == 1 ? " was" : "s were");
    }

    private static String often(Share share) {
        String words = Hedge.words(share);
        return words.equals(Hedge.TOO_LITTLE) ? "(%s)".formatted(words) : words;
    }
}
