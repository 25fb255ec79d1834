package farglass.core.state;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Became;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.side.Seat;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Where the two are after a moment: every technique of the lexicon, from every place, with everything that can become of it. */
class WhereaboutsTest {
    private static Moment moment(Technique technique, Optional<Seat> actor, Optional<Became> became) {
        Telling telling = became.map(Telling.NOTHING::withBecame).orElse(Telling.NOTHING);
        return new Moment("m", OptionalLong.of(0), actor, new Deed.Did(technique.key()), Optional.empty(), telling);
    }

    /** Each place with every way that somebody can be on top of it. */
    private static List<Stand> stands() {
        return LEXICON.positions().stream()
                .flatMap(position -> position.hasTop()
                        ? Arrays.stream(Seat.values()).map(top -> new Stand(position, Optional.of(top)))
                        : Stream.of(new Stand(position, Optional.empty())))
                .toList();
    }

    @Test
    void onlyWhatWorksWhereItCanStartLeadsAnywhereAndThenWhereTheLexiconSays() {
        List<Stand> stands = stands();
        int led = 0;
        for (Technique technique : LEXICON.techniques()) {
            for (Stand now : stands) {
                for (Optional<Became> became :
                        List.of(Optional.of(Became.HELD), Optional.of(Became.NEARLY), Optional.<Became>empty())) {
                    Stand after = Whereabouts.after(now, moment(technique, Optional.of(Seat.A), became), LEXICON);
                    boolean works = became.equals(Optional.of(Became.HELD));
                    boolean starts =
                            !now.position().isSettled() || technique.canStart(now.position(), now.roleOf(Seat.A));
                    boolean moves =
                            !technique.to().isEmpty() && !technique.kind().movesNobody();
                    if (!works || !starts || !moves) {
                        assertThat(after)
                                .as("%s from %s, %s", technique.key(), now, became)
                                .isEqualTo(now);
                        continue;
                    }
                    led++;
                    assertThat(after.top())
                            .as("%s from %s", technique.key(), now)
                            .isEqualTo(Whereabouts.top(technique, Seat.A));
                    if (technique.to().size() == 1) {
                        assertThat(after.position().key())
                                .isEqualTo(technique.to().get(0));
                    } else {
                        assertThat(after.position().key())
                                .as("which of several places is not told, and none is made up: " + technique.key())
                                .endsWith("-not-told");
                    }
                }
            }
        }
        assertThat(led).isGreaterThan(5000);
    }

    @Test
    void whereNobodyIsToldToActNothingIsWorkedOut() {
        Stand standing = new Stand(LEXICON.position("standing").orElseThrow(), Optional.empty());
        for (Technique technique : LEXICON.techniques()) {
            Moment moment = moment(technique, Optional.empty(), Optional.of(Became.HELD));
            assertThat(Whereabouts.after(standing, moment, LEXICON)).isEqualTo(standing);
        }
    }

    @Test
    void whatLeadsToAPlaceWithATopSaysWhoIsOnIt() {
        for (Technique technique : LEXICON.techniques()) {
            for (String key : technique.to()) {
                Position place = LEXICON.position(key).orElseThrow();
                assertThat(Whereabouts.top(technique, Seat.A).isPresent())
                        .as("%s to %s", technique.key(), key)
                        .isEqualTo(place.hasTop());
            }
        }
    }

    @Test
    void aRestartStandsUnlessItGoesOnAsItWas() {
        assertThat(last("0:10 A guard-pull; held", "0:20 - stop edge", "0:30 - restart same"))
                .isEqualTo("open-guard");
        assertThat(last("0:10 A guard-pull; held", "0:20 - stop edge", "0:30 - restart"))
                .isEqualTo("standing");
        assertThat(last("0:10 A guard-pull; held", "0:20 - stop edge")).isEqualTo("open-guard");
        assertThat(last("0:10 A guard-pull; held", "0:20 - begin round")).isEqualTo("standing");
    }

    @Test
    void aBoutBeginsStandingOnlyIfItsBeginningWasSeen() {
        assertThat(first("covered: story 0:00 to 1:00\n")).isEqualTo("standing");
        assertThat(first("covered: story 0:10 to 1:00\n")).isEqualTo("not-visible");
        assertThat(first("covered: story 0:00 to 1:00\nkind: positional\n")).isEqualTo("not-visible");
        assertThat(first("covered: story 0:00 to 1:00\nstarts: 3:00 left\n")).isEqualTo("not-visible");
        assertThat(first("covered: story 0:00 to 1:00\nmaterial: clips\n")).isEqualTo("not-visible");
    }

    private static String first(String header) {
        return Whereabouts.start(Bouts.parsed(header, "0:30 A mark"), LEXICON)
                .position()
                .key();
    }

    private static String last(String... moments) {
        return Timeline.of(Bouts.of(moments), LEXICON)
                .at(Long.MAX_VALUE / 2)
                .position()
                .key();
    }

    @Test
    void theRoleIsOnTopUnderneathOrNeither() {
        Stand guard = new Stand(LEXICON.position("closed-guard").orElseThrow(), Optional.of(Seat.B));
        assertThat(guard.roleOf(Seat.B)).isEqualTo(Role.TOP);
        assertThat(guard.roleOf(Seat.A)).isEqualTo(Role.BOTTOM);
        Stand standing = new Stand(LEXICON.position("standing").orElseThrow(), Optional.empty());
        assertThat(standing.roleOf(Seat.A)).isEqualTo(Role.NEUTRAL);
    }
}
