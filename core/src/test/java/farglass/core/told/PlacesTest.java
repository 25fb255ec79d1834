package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.entry.Control;
import farglass.core.entry.Position;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Where the two are after what was told, written down from what people do. */
class PlacesTest {
    @TestFactory
    Stream<DynamicTest> thePlaceIsWhereAnybodyOnTheMatWouldSay() throws IOException {
        try (InputStream in = Objects.requireNonNull(PlacesTest.class.getResourceAsStream("places.txt"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(line -> !line.startsWith("#") && !line.isBlank()).toList().stream()
                            .map(line -> DynamicTest.dynamicTest(line, () -> check(line)));
        }
    }

    private static void check(String line) {
        String[] halves = line.split(" => ");
        String[] moments = halves[0].split(" / ");
        for (int i = 0; i < moments.length; i++) {
            moments[i] = "0:%d0 ".formatted(i + 1) + moments[i].strip();
        }
        Bout bout = Bouts.of(moments);
        Stand stand = Timeline.of(bout, Bouts.LEXICON).after(bout.moments().get(moments.length - 1));
        String[] expected = halves[1].strip().split(" ");
        String where = isSaidBroadly(stand.position(), expected[0])
                ? expected[0]
                : stand.position().key();
        assertThat(where + stand.top().map(seat -> " " + seat).orElse(""))
                .as(stand.position().key())
                .isEqualTo(halves[1].strip());
    }

    private static boolean isSaidBroadly(Position place, String word) {
        return switch (word) {
            case "past" -> place.control().isPast();
            case "back" -> place.control().isBack();
            case "top" -> place.hasTop();
            case "guard" -> place.control() == Control.GUARD;
            case "feet" -> place.control() == Control.STANDING && !place.hasTop();
            default -> false;
        };
    }
}
