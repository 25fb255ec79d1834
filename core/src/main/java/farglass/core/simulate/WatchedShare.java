package farglass.core.simulate;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Footage;
import farglass.core.bout.FootageBuilder;
import farglass.core.bout.Header;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Moment;
import farglass.core.rules.Board;
import farglass.core.script.Beat;
import farglass.core.script.HandGrip;
import farglass.core.script.RefereeSignal;
import farglass.core.script.Script;
import farglass.core.side.Seat;
import farglass.core.state.MatchClock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/** How much of a bout was filmed and looked at. */
enum WatchedShare {
    WHOLE,
    /** Only the first hundred seconds were watched. */
    IN_PART,
    /** The film begins about forty seconds into the bout. */
    FROM_LATER,
    /** No film: only who won, and how. */
    RESULT_ONLY;

    private static final long PART_MICROS = 100_000_000;
    private static final long LATE_MICROS = 40_000_000;
    private static final long AFTER_MICROS = 5_000_000;

    ActedBout of(ActedBout acted, String id) {
        return switch (this) {
            case RESULT_ONLY ->
                new ActedBout(
                        new Bout(id, acted.told().header().withCovered(List.of()), List.of(), List.of()),
                        acted.script(),
                        acted.truth(),
                        acted.foreseen());
            case FROM_LATER -> late(acted, id);
            case WHOLE, IN_PART -> {
                long end = acted.script().lengthMicros() - AFTER_MICROS;
                long watched = this == IN_PART ? Math.min(end, PART_MICROS) : end;
                yield new ActedBout(
                        watched(acted.told(), id, acted.script().leadMicros(), watched),
                        acted.script(),
                        acted.truth(),
                        acted.foreseen());
            }
        };
    }

    private static Bout watched(Bout told, String id, long lead, long until) {
        Bout part = told;
        for (Moment moment : told.moments()) {
            if (moment.atMicros().orElse(0) > until) {
                part = part.without(moment.id());
            }
        }
        Footage footage = part.header()
                .footage()
                .withFilms(films(id, lead))
                .withCovered(part.header().covered().stream()
                        .map(stretch -> new Covered(stretch.layer(), 0, until, stretch.declared()))
                        .toList());
        return part.with(part.header().with(footage));
    }

    /** A second camera stands across the mat; only the first one's film begins late. */
    private static List<FilmLink> films(String id, long lead) {
        FilmLink first = new FilmLink("films/" + id + ".script", lead);
        return lead == 0 ? List.of(first) : List.of(first, new FilmLink("films/" + id + ".second.script", lead));
    }

    /** Everything moves to the film's own beginning; what stood on the board then is known, what came before is not. */
    private static ActedBout late(ActedBout acted, String id) {
        Bout told = acted.told();
        Board board = Board.at(told, LATE_MICROS);
        long left = MatchClock.of(told).leftMicros(LATE_MICROS).orElse(0);
        MidBoutStart opening = new MidBoutStart(
                OptionalLong.of(left), Optional.of(marks(board.of(Seat.A))), Optional.of(marks(board.of(Seat.B))));
        Script script = cut(acted.script());
        Bout later = cut(told);
        Bout watched = watched(later, id, 0, script.lengthMicros() - AFTER_MICROS);
        Footage known = watched.header().footage();
        Header header = watched.header()
                .with(FootageBuilder.builder(known).opening(opening).create());
        return new ActedBout(watched.with(header), script, acted.truth(), acted.foreseen());
    }

    private static MidBoutStart.Marks marks(Board.Column column) {
        return new MidBoutStart.Marks(column.points(), column.advantages(), column.penalties());
    }

    private static Bout cut(Bout told) {
        Bout kept = told;
        List<Moment> moved = new ArrayList<>();
        for (Moment moment : told.moments()) {
            if (moment.atMicros().orElse(0) < LATE_MICROS) {
                kept = kept.without(moment.id());
            }
        }
        kept.moments().forEach(moment -> moved.add(moment.at(moment.atMicros().orElseThrow() - LATE_MICROS)));
        return Referee.renumbered(kept, moved);
    }

    private static Script cut(Script script) {
        List<Beat> beats = new ArrayList<>();
        for (Beat beat : script.beats()) {
            long at = beat.atMicros() - LATE_MICROS;
            if (at <= 0) {
                beats.clear();
            }
            beats.add(new Beat(Math.max(0, at), beat.pose(), beat.top(), beat.mirrored()));
        }
        List<RefereeSignal> calls = script.calls().stream()
                .filter(call -> call.atMicros() >= LATE_MICROS)
                .map(call -> new RefereeSignal(call.atMicros() - LATE_MICROS, call.to(), call.signal()))
                .toList();
        List<HandGrip> grips = script.grips().stream()
                .filter(grip -> grip.toMicros() > LATE_MICROS)
                .map(grip -> grip.earlier(LATE_MICROS))
                .toList();
        return new Script(
                script.kitA(), script.kitB(), 0, script.lengthMicros() - LATE_MICROS, beats, calls, grips, false);
    }

    /** {@return a second coding, of the same film and stretch as the first} */
    static Bout again(Bout first, Bout told, String id, String coder) {
        Header header = first.header();
        long until =
                header.covered().stream().mapToLong(Covered::toMicros).max().orElse(0);
        Bout part = told;
        for (Moment moment : told.moments()) {
            if (moment.atMicros().orElse(0) > until) {
                part = part.without(moment.id());
            }
        }
        return new Bout(id, header.asCodingOf(first.id(), coder), part.moments(), List.of());
    }
}
