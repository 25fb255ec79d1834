package farglass.core.bout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Chars;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.StringLength;

class TimesPropertyTest {
    /** The same grammar said as a pattern. */
    private static final Pattern TIME =
            Pattern.compile("(-)?(?:([0-9]{1,3}):)?([0-9]{1,4}):([0-5][0-9])(?:\\.([0-9]{1,6}))?");

    private static OptionalLong slowly(String text) {
        Matcher matcher = TIME.matcher(text);
        if (!matcher.matches() || matcher.group(2) != null && Integer.parseInt(matcher.group(3)) > 59) {
            return OptionalLong.empty();
        }
        long hours = matcher.group(2) == null ? 0 : Long.parseLong(matcher.group(2));
        long micros =
                ((hours * 60 + Long.parseLong(matcher.group(3))) * 60 + Long.parseLong(matcher.group(4))) * 1_000_000;
        if (matcher.group(5) != null) {
            micros += Long.parseLong((matcher.group(5) + "000000").substring(0, 6));
        }
        return OptionalLong.of(matcher.group(1) == null ? micros : -micros);
    }

    @Property
    void everyTimeComesBackFromItsText(
            @ForAll @LongRange(min = -599_999_999_999L, max = 599_999_999_999L) long micros) {
        assertThat(Times.parse(Times.exact(micros))).hasValue(micros);
    }

    @Property(tries = 3000)
    void readByHandItIsWhatThePatternSays(
            @ForAll @Chars({'0', '1', '5', '6', '9', ':', '.', '-', ' '}) @StringLength(max = 12) String text) {
        assertThat(Times.parse(text)).isEqualTo(slowly(text));
    }

    @Property
    void alsoWhereAllIsWell(
            @ForAll @LongRange(max = 200) long hours,
            @ForAll @LongRange(max = 70) long minutes,
            @ForAll @LongRange(max = 70) long seconds) {
        String text = "%d:%02d:%02d.5".formatted(hours, minutes, seconds);
        assertThat(Times.parse(text)).isEqualTo(slowly(text));
    }
}
