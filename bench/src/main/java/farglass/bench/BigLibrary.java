package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.ContestantBuilder;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.Footage;
import farglass.core.bout.FootageBuilder;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * As many bouts as wished, of about 120 moments each: the demo's, each with several rounds of them told one after another. Every
 * round of the demo's bouts has athletes of its own, but for the one whose dossier is asked for, who fights in all.
 */
final class BigLibrary {
    static final String ATHLETE = "Runa Castellan";
    /** One of those who fight in the demo alone: fourteen bouts, about as many as most opponents have. */
    static final String ONE_OF_MANY = "Maren Tolliver";

    private static final int MOMENTS = 120;

    private BigLibrary() {}

    static List<Bout> bouts(int count, Lexicon lexicon) {
        return bouts(count, MOMENTS, lexicon);
    }

    /** {@return bouts of about so many moments each} */
    static List<Bout> bouts(int count, int each, Lexicon lexicon) {
        List<Bout> demo =
                Cast.seasons(lexicon).bouts().stream().map(ActedBout::told).toList();
        List<Bout> bouts = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            bouts.add(grown(demo.get(i % demo.size()), each, i, i / demo.size()));
        }
        return bouts;
    }

    private static Bout grown(Bout bout, int each, int number, int copy) {
        long length = bout.extentMicros() + 5_000_000;
        int rounds =
                Math.max(1, Math.round(each / (float) Math.max(1, bout.moments().size())));
        List<Moment> moments = new ArrayList<>();
        for (int round = 0; round < rounds; round++) {
            long from = round * length;
            String of = "r" + round + "-";
            if (round > 0) {
                moments.add(new Moment(
                        of + "start",
                        OptionalLong.of(from),
                        Optional.empty(),
                        new Deed.Restarted(),
                        Optional.empty(),
                        Telling.NOTHING));
            }
            for (Moment moment : bout.moments()) {
                moments.add(new Moment(
                        of + moment.id(),
                        moment.atMicros().isPresent()
                                ? OptionalLong.of(from + moment.atMicros().getAsLong())
                                : moment.atMicros(),
                        moment.actor(),
                        moment.deed(),
                        moment.settled(),
                        moment.telling()));
            }
        }
        return new Bout(bout.id() + "-" + number, header(bout.header(), copy, rounds * length), moments, List.of());
    }

    private static Header header(Header header, int copy, long length) {
        Footage footage = header.footage();
        Footage watched = FootageBuilder.builder(footage)
                .covered(List.of(new Covered(Layer.STORY, 0, length, true)))
                .segments(List.of())
                .create();
        return HeaderBuilder.builder(header)
                .lengthMicros(OptionalLong.empty())
                .a(of(header.a(), copy))
                .b(of(header.b(), copy))
                .footage(watched)
                .create();
    }

    private static Contestant of(Contestant who, int copy) {
        String name = copy == 0 || who.name().equals(ATHLETE) ? who.name() : who.name() + " " + copy;
        return ContestantBuilder.builder(who).name(name).create();
    }
}
