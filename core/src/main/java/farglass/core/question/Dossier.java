package farglass.core.question;

import farglass.core.corpus.BoutCounts;
import farglass.core.corpus.Corpus;
import farglass.core.estimate.Difference;
import farglass.core.fact.Layer;
import farglass.core.scope.Scope;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/**
 * One athlete as the questions of a page answer them, in figures.
 *
 * @param athlete name
 * @param known bouts of the athlete in the library, seen or not, within the scope
 * @param watched how many of them count, at least in part
 * @param aside what is told of the athlete and counted in nothing
 * @param said what people said of the athlete before these bouts
 * @param unwatched by layer, in how many of the known bouts nothing was looked through for it
 */
public record Dossier(
        String athlete,
        int known,
        int watched,
        List<Answered> answers,
        UncountedBouts aside,
        List<Hearsay> said,
        Map<Layer, Integer> unwatched) {
    public Dossier {
        answers = List.copyOf(answers);
        said = List.copyOf(said);
        unwatched = Map.copyOf(unwatched);
    }

    private static Map<Layer, Integer> unwatched(List<BoutCounts> sheets, int aside) {
        Map<Layer, Integer> unwatched = new EnumMap<>(Layer.class);
        for (Layer layer : Layer.values()) {
            int without = (int) sheets.stream()
                    .filter(sheet ->
                            sheet.bout().header().covered().stream().noneMatch(stretch -> stretch.layer() == layer))
                    .count();
            unwatched.put(layer, without + aside);
        }
        return unwatched;
    }

    /** One question counted, and not yet told what may be claimed. */
    private record Draft(Question question, List<DraftFigure> figures) {
        static Draft of(Question question, Inquiry inquiry) {
            return new Draft(
                    question,
                    question.asks().stream()
                            .flatMap(Ask::all)
                            .flatMap(ask -> ask.measure().drafted(ask.subject(), inquiry).stream())
                            .toList());
        }

        Answered claiming(Claims claims) {
            return new Answered(
                    question,
                    figures.stream()
                            .map(drafted -> drafted.figure().apply(claims))
                            .toList());
        }
    }

    /**
     * {@return the dossier of an athlete; empty answers where there is none of that name}
     *
     * @param corpus every bout of the library: the others' bouts are what she is compared with
     * @param scope which of her own bouts are looked at, and how much each weighs
     * @param questions the page: what may be claimed is settled over all of them together
     */
    public static Dossier of(String athlete, Corpus corpus, Scope scope, List<Question> questions) {
        return of(athlete, corpus, scope, questions, share -> {}, () -> false);
    }

    /**
     * {@return the same}
     *
     * @param progress told how much is counted, in [0, 1]; by several threads
     * @param cancelled asked before each question
     * @throws CancellationException if it was cancelled
     */
    public static Dossier of(
            String athlete,
            Corpus corpus,
            Scope scope,
            List<Question> questions,
            DoubleConsumer progress,
            BooleanSupplier cancelled) {
        Inquiry inquiry = new Inquiry(athlete, corpus, scope);
        AtomicInteger counted = new AtomicInteger();
        // No question depends on another.
        List<Draft> drafts = questions.parallelStream()
                .map(question -> {
                    if (cancelled.getAsBoolean()) {
                        throw new CancellationException("The counting was stopped.");
                    }
                    Draft draft = Draft.of(question, inquiry);
                    progress.accept((double) counted.incrementAndGet() / questions.size());
                    return draft;
                })
                .toList();
        Map<String, Difference> family = new LinkedHashMap<>();
        drafts.stream().flatMap(draft -> draft.figures().stream()).forEach(figure -> family.putAll(figure.family()));
        Claims claims = Claims.of(family);
        UncountedBouts aside = UncountedBouts.of(athlete, corpus, scope);
        int known = (int) corpus.counts(athlete).stream()
                .filter(sheet -> scope.holds(sheet.bout(), athlete, corpus))
                .count();
        List<Answered> answers =
                drafts.parallelStream().map(draft -> draft.claiming(claims)).toList();
        return new Dossier(
                athlete,
                known + aside.bouts(),
                inquiry.sheets().size(),
                answers,
                aside,
                Hearsay.of(athlete, inquiry.sheets()),
                unwatched(inquiry.sheets(), aside.bouts()));
    }
}
