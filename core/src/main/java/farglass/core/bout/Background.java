package farglass.core.bout;

import farglass.core.side.Seat;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What was known or said before a bout, and what a day alone cannot tell of it.
 *
 * @param day where no day is known: a year or a month, sure or not
 * @param division as the event calls it
 * @param plan what was planned, in the order told
 * @param claims what people said of the two
 * @param differs in what this meeting differs from an earlier one of the same pair, in words
 */
public record Background(
        Optional<RoughDay> day,
        Optional<String> division,
        List<Planned> plan,
        List<Claimed> claims,
        Optional<String> differs) {
    /** Nothing was told. */
    public static final Background NONE =
            new Background(Optional.empty(), Optional.empty(), List.of(), List.of(), Optional.empty());

    public Background {
        plan = List.copyOf(plan);
        claims = List.copyOf(claims);
    }

    /**
     * A year, or a month of it.
     *
     * @param year from 1900 on
     * @param month 1 to 12; empty where only the year is known
     * @param about whether that is not sure either
     */
    public record RoughDay(int year, OptionalInt month, boolean about) {
        private static final Pattern WRITTEN = Pattern.compile("(about )?([0-9]{4})(?:-([0-9]{2}))?");

        public RoughDay {
            if (year < 1900 || year > 9999 || month.isPresent() && (month.getAsInt() < 1 || month.getAsInt() > 12)) {
                throw new IllegalArgumentException("A year from 1900 to 9999, and a month from 1 to 12, but got " + year
                        + (month.isPresent() ? "-" + month.getAsInt() : ""));
            }
        }

        /**
         * {@return what was written so: "2008", "about 2008-05"; empty for a whole day and for what is none}
         *
         * @throws IllegalArgumentException if there is no such year or month
         */
        public static Optional<RoughDay> parse(String text) {
            Matcher rough = WRITTEN.matcher(text.strip());
            return rough.matches()
                    ? Optional.of(new RoughDay(
                            Integer.parseInt(rough.group(2)),
                            rough.group(3) == null
                                    ? OptionalInt.empty()
                                    : OptionalInt.of(Integer.parseInt(rough.group(3))),
                            rough.group(1) != null))
                    : Optional.empty();
        }

        /** {@return it as it is written: "2008", "about 2008-05"} */
        public String text() {
            return (about ? "about " : "") + year + (month.isPresent() ? "-%02d".formatted(month.getAsInt()) : "");
        }
    }

    /**
     * One item of a plan.
     *
     * @param whose whose plan it is
     * @param number by which others name it; empty for what the other one is expected to do
     * @param refused the number of the item in whose place it stands, once that is refused; empty for most
     */
    public record Planned(Seat whose, OptionalInt number, OptionalInt refused, String words) {
        public Planned {
            if (words.isBlank()) {
                throw new IllegalArgumentException("An item of a plan needs words.");
            }
        }
    }

    /**
     * What somebody says of an athlete: never counted, and shown beside the figure it concerns.
     *
     * @param of of whom; empty for the bout as a whole
     * @param by who says so
     * @param on when it was said
     * @param figure id of the ask of the dossier that it concerns; empty where nobody said which
     */
    public record Claimed(
            String words, Optional<Seat> of, Optional<String> by, Optional<LocalDate> on, Optional<String> figure) {
        public Claimed {
            if (words.isBlank()) {
                throw new IllegalArgumentException("A claim needs words.");
            }
        }
    }
}
