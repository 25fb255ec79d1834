package farglass.desktop.shelf;

import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Header;
import farglass.core.bout.Result;
import farglass.core.bout.Times;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.side.Seat;
import farglass.core.state.Counting;
import farglass.core.state.Ladder;
import farglass.core.state.Tide;
import farglass.core.state.Timeline;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * One bout on the Shelf, in words from the view of the athlete under study.
 *
 * @param names both names, the athlete under study first
 * @param seen what is known of it: watched, tagged, or a result only
 * @param news whether it changed what may be said of an athlete of the study
 * @param tide works out how it went: only for rows that are looked at
 */
record ShelfRow(
        Bout bout,
        Seat studied,
        String date,
        String names,
        String event,
        String rules,
        String result,
        String seen,
        boolean news,
        Late tide) {
    /** How a bout went, worked out when somebody first asks. For the interface thread alone. */
    static final class Late {
        private final Supplier<Tide> work;
        private Optional<Tide> known = Optional.empty();

        private Late(Supplier<Tide> work) {
            this.work = work;
        }

        Tide get() {
            if (known.isEmpty()) {
                known = Optional.of(work.get());
            }
            return known.get();
        }

        /** {@return whether it is worked out} */
        boolean isKnown() {
            return known.isPresent();
        }
    }

    /**
     * @param arriving whether only the header is known yet
     * @param news whether it changed what may be said of an athlete of the study
     */
    static ShelfRow of(Bout bout, Seat studied, Lexicon lexicon, boolean arriving, boolean news) {
        Header header = bout.header();
        String rules = header.uniform().label() + ", " + header.ruleset().replace('-', ' ');
        String kind = header.kind().label();
        String event = header.event()
                .map(name -> name + header.round().map(round -> ", " + round).orElse(""))
                .orElse(kind);
        String coder = header.isSecondCoding()
                ? header.coders().stream()
                        .findFirst()
                        .map(who -> ", as coded by " + who)
                        .orElse("")
                : "";
        return new ShelfRow(
                bout,
                studied,
                header.date().map(Object::toString).orElse("no date"),
                header.contestant(studied).name() + " \u2013 "
                        + header.contestant(studied.other()).name(),
                header.event().isPresent() && header.kind() != BoutKind.COMPETITION
                        ? event + " (" + kind + ")" + coder
                        : event + coder,
                rules,
                header.result().map(result -> result(result, studied, lexicon)).orElse("result not noted"),
                arriving ? "being read" : seen(bout) + (news ? ", news (D)" : ""),
                news,
                new Late(() -> Tide.of(bout, Timeline.of(bout, lexicon), lexicon, studied, Ladder.POINTS)));
    }

    private static String result(Result result, Seat studied, Lexicon lexicon) {
        String how = result.finish()
                .map(lexicon::label)
                .map(Words::inSentence)
                .orElse(result.method().label());
        String score = result.score()
                .map(points -> studied == Seat.A
                        ? " %d\u2013%d".formatted(points.a(), points.b())
                        : " %d\u2013%d".formatted(points.b(), points.a()))
                .orElse("");
        Optional<Seat> winner = result.winner();
        return winner.isEmpty()
                ? "no winner, " + result.method().label()
                : (winner.get() == studied ? "won" : "lost") + " by " + how + score;
    }

    private static String seen(Bout bout) {
        long watched = bout.header().covered().stream()
                .filter(stretch -> stretch.layer() == Layer.STORY)
                .mapToLong(stretch -> stretch.toMicros())
                .max()
                .orElse(0);
        switch (Counting.standing(bout)) {
            case SECOND_CODING -> {
                return "second coding";
            }
            case CLIPS -> {
                return "clips, in no rate";
            }
            case DEMONSTRATION -> {
                return "demonstration";
            }
            case COUNTS -> {
                return "watched to " + Times.seconds(watched);
            }
            case NOT_WATCHED, ONE_NAME -> {
                return "counted in nothing";
            }
            case NOTHING_TOLD -> {
                // Nobody told anything of it: there is only its result, or a film to watch.
            }
        }
        return bout.header().films().isEmpty() ? "result only" : "film, not watched";
    }

    boolean isSeen() {
        return !bout.moments().isEmpty() || !bout.header().covered().isEmpty();
    }

    boolean isLoss() {
        return bout.header()
                .result()
                .flatMap(Result::winner)
                .filter(studied.other()::equals)
                .isPresent();
    }
}
