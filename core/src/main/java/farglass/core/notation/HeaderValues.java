package farglass.core.notation;

import farglass.core.bout.Background;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Method;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Result;
import farglass.core.bout.Segment;
import farglass.core.fact.Layer;
import farglass.core.side.Seat;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what stands behind the keys of a header: days, stretches, films, results, claims. */
final class HeaderValues {
    private static final Pattern SCORE = Pattern.compile("([0-9]{1,3})-([0-9]{1,3})");

    private HeaderValues() {}

    /** {@code claim: "always passes left" of A by "Imke" on 2026-03-01 figure "pass side"}. */
    static Background.Claimed claim(Cursor value) throws Cursor.Wrong {
        String words = value.quoteFollows() ? value.filledQuote() : filled(value);
        Optional<Seat> of = Optional.empty();
        Optional<String> by = Optional.empty();
        Optional<LocalDate> on = Optional.empty();
        Optional<String> figure = Optional.empty();
        while (!value.atEnd()) {
            if (value.takeWord("of")) {
                of = Optional.of(value.seat("of whom it is claimed: A or B"));
            } else if (value.takeWord("by")) {
                by = Optional.of(value.filledQuote());
            } else if (value.takeWord("on")) {
                on = Optional.of(date(value));
            } else if (value.takeWord("figure")) {
                figure = Optional.of(value.filledQuote());
            } else {
                throw value.wrong(
                        "expected of whom, by whom, when, or which figure it concerns, as in claim: \"always passes left\" of A by \"Imke\" on 2026-03-01 figure \"pass side\"");
            }
        }
        return new Background.Claimed(words, of, by, on, figure);
    }

    static String words(Cursor value) throws Cursor.Wrong {
        return value.words(c -> false);
    }

    static String filled(Cursor value) throws Cursor.Wrong {
        int at = value.column();
        String words = words(value);
        if (words.isBlank()) {
            throw value.wrong(at, "nothing stands here; write a name, or \"unknown\"");
        }
        return words;
    }

    static LocalDate date(Cursor value) throws Cursor.Wrong {
        int at = value.column();
        String word = value.word();
        try {
            return LocalDate.parse(word);
        } catch (DateTimeParseException e) {
            throw value.wrong(at, "\"%s\" is no date; write year, month and day, such as 2026-03-14", word);
        }
    }

    static boolean whole(Cursor value) throws Cursor.Wrong {
        if (value.takeWord("yes")) {
            return true;
        }
        if (value.takeWord("no")) {
            return false;
        }
        throw value.wrong("expected yes or no");
    }

    static boolean early(Cursor value) throws Cursor.Wrong {
        if (value.takeWord("early")) {
            return true;
        }
        throw value.wrong("expected \"early\"; a film that ends with the match needs no line");
    }

    static Segment segment(Cursor value) throws Cursor.Wrong {
        Segment.Kind kind = value.named(Segment.Kind.class, "a kind of footage");
        long[] stretch = stretch(value);
        return new Segment(
                kind,
                stretch[0],
                stretch[1],
                value.takeWord("of") ? OptionalLong.of(value.timeFromZero()) : OptionalLong.empty());
    }

    private static long[] stretch(Cursor value) throws Cursor.Wrong {
        long from = value.timeFromZero();
        if (!value.takeWord("to")) {
            throw value.wrong("expected \"to\" and the time at which this stretch ends");
        }
        int at = value.column();
        long to = value.timeFromZero();
        if (to < from) {
            throw value.wrong(at, "this stretch ends before it begins");
        }
        return new long[] {from, to};
    }

    static MidBoutStart opening(Cursor value) throws Cursor.Wrong {
        OptionalLong left = OptionalLong.empty();
        List<Optional<MidBoutStart.Marks>> marks = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
        if (!value.takeWord("unknown")) {
            do {
                Optional<Seat> seat = value.takeWord("A")
                        ? Optional.of(Seat.A)
                        : value.takeWord("B") ? Optional.of(Seat.B) : Optional.empty();
                if (seat.isPresent()) {
                    marks.set(
                            seat.get().ordinal(),
                            Optional.of(new MidBoutStart.Marks(
                                    value.whole(-99, 99), value.whole(0, 99), value.whole(0, 99))));
                } else {
                    left = OptionalLong.of(value.timeFromZero());
                    if (!value.takeWord("left")) {
                        throw value.wrong("expected \"left\" after the time on the match clock");
                    }
                }
            } while (value.take(","));
        }
        return new MidBoutStart(left, marks.get(0), marks.get(1));
    }

    static FilmLink film(Cursor value) throws Cursor.Wrong {
        if (value.quoteFollows()) {
            String path = value.quoted();
            return new FilmLink(path, value.takeWord("from") ? value.time() : 0);
        }
        int at = value.column();
        String all = value.rest();
        int from = all.lastIndexOf(" from ");
        String path = from < 0 ? all : all.substring(0, from);
        if (path.isBlank()) {
            throw value.wrong(at, "expected the path of a film");
        }
        Cursor time = new Cursor(from < 0 ? "0:00" : all.substring(from + 6), value.line());
        return new FilmLink(path, time.time());
    }

    static Covered covered(Cursor value) throws Cursor.Wrong {
        Layer layer = value.named(Layer.class, "a layer");
        long[] stretch = stretch(value);
        return new Covered(layer, stretch[0], stretch[1], value.takeWord("declared"));
    }

    static Result result(Cursor value) throws Cursor.Wrong {
        int at = value.column();
        Optional<Seat> winner = value.takeWord("A")
                ? Optional.of(Seat.A)
                : value.takeWord("B") ? Optional.of(Seat.B) : Optional.empty();
        if (winner.isEmpty() && !value.takeWord("nobody")) {
            throw value.wrong(at, "expected who won: A, B or nobody");
        }
        if (!value.takeWord("by")) {
            throw value.wrong("expected \"by\" and how the bout was won");
        }
        Method method = value.named(Method.class, "a way to win");
        Optional<String> finish = Optional.empty();
        Optional<Result.Score> score = Optional.empty();
        while (!value.atEnd()) {
            if (value.quoteFollows()) {
                finish = Optional.of(value.quoted());
                continue;
            }
            int wordAt = value.column();
            String word = value.word();
            Matcher matcher = SCORE.matcher(word);
            if (matcher.matches()) {
                score = Optional.of(
                        new Result.Score(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2))));
            } else if (finish.isEmpty() && !word.isEmpty()) {
                finish = Optional.of(word);
            } else {
                throw value.wrong(
                        wordAt, "\"%s\" stands after the result; write a finish and a score such as 4-2", word);
            }
        }
        return new Result(winner, method, finish, score);
    }
}
