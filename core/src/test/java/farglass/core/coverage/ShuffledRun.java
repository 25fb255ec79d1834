package farglass.core.coverage;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.bout.Result;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.question.Answered;
import farglass.core.question.Dossier;
import farglass.core.scope.Scope;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;

/**
 * How many dossiers make a claim that cannot be true. Whole bouts of the demo are dealt out anew: each of the two in it gets a name drawn by
 * lot, so that nobody has habits of their own, and what is alike within a bout stays so. Of each chapter: how many dossiers claim a
 * difference from the others, or over the years.
 */
final class ShuffledRun {
    private static final int ATHLETES = 20;

    private ShuffledRun() {}

    /** {@return the bouts with names by lot; the two of a bout have different ones} */
    static List<Bout> dealt(List<Bout> bouts, Random random) {
        List<Bout> dealt = new ArrayList<>();
        for (Bout bout : bouts) {
            int one = random.nextInt(ATHLETES);
            int other = (one + 1 + random.nextInt(ATHLETES - 1)) % ATHLETES;
            Header header =
                    named(bout.header(), Contestant.named("Athlete " + one), Contestant.named("Athlete " + other));
            dealt.add(new Bout(bout.id(), header, bout.moments(), bout.comments()));
        }
        return dealt;
    }

    static Header named(Header header, Contestant one, Contestant other) {
        Optional<Result> result = header.result();
        return HeaderBuilder.builder(header).a(one).b(other).result(result).create();
    }

    private static boolean claims(Answered answered) {
        return answered.figures().stream()
                .flatMap(figure -> figure.claimed().stream())
                .anyMatch(claim -> claim.match(others -> true, prefers -> false, before -> true));
    }

    public static void main(String[] args) {
        int deals = args.length == 0 ? 50 : Integer.parseInt(args[0]);
        Lexicon lexicon = Lexicon.shipped();
        List<Bout> bouts = Cast.seasons(lexicon).bouts().stream()
                .map(ActedBout::told)
                .filter(bout -> !bout.header().isSecondCoding())
                .toList();
        Map<String, Integer> byChapter = new TreeMap<>();
        Map<String, Integer> byFigure = new TreeMap<>();
        int dossiers = 0;
        int any = 0;
        for (int deal = 0; deal < deals; deal++) {
            Corpus corpus = Corpus.of(dealt(bouts, new Random(deal)), lexicon);
            for (String athlete : corpus.athletes()) {
                Dossier dossier = Catalogue.dossier(athlete, corpus, Scope.ALL);
                dossiers++;
                List<Answered> claiming =
                        dossier.answers().stream().filter(ShuffledRun::claims).toList();
                any += claiming.isEmpty() ? 0 : 1;
                claiming.stream()
                        .map(answered -> answered.question().chapter().label())
                        .distinct()
                        .forEach(chapter -> byChapter.merge(chapter, 1, Integer::sum));
                claiming.stream()
                        .flatMap(answered -> answered.figures().stream())
                        .filter(figure -> figure.claimed().stream()
                                .anyMatch(claim -> claim.match(others -> true, prefers -> false, before -> true)))
                        .forEach(figure -> byFigure.merge(figure.subject().id(), 1, Integer::sum));
            }
        }
        System.out.printf("%d dossiers, %d (%.1f %%) with a false claim%n", dossiers, any, 100.0 * any / dossiers);
        int all = dossiers;
        byChapter.forEach(
                (chapter, with) -> System.out.printf("  %-22s %d (%.1f %%)%n", chapter, with, 100.0 * with / all));
        byFigure.forEach((figure, with) -> System.out.printf("    %-28s %d%n", figure, with));
    }
}
