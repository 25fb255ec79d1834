package farglass.core.scribe;

import farglass.core.entry.Position;
import farglass.core.fact.Fact;
import farglass.core.fact.FactKind;
import farglass.core.fact.Purpose;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Naming;
import farglass.core.notation.OtherWords;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads what is typed while the film runs: {@code runa knee cut left nearly knee}, {@code a mount}, {@code +3},
 * {@code stop edge}. Every text means something. What is typed is never saved as something else: words that name nothing, or of which
 * one is left over, are kept whole as they stand, and what was guessed is told.
 */
public final class ScribeLine {
    private static final Pattern BOTH = Pattern.compile("(?:they|both)(?: both)? (.+)", Pattern.CASE_INSENSITIVE);

    private static final Pattern FROM_TO = Pattern.compile(
            "(\\S+ )?(?:switches|switched|goes|went|moves|moved|transitions|changes|changed) from (?:the |an? )?(.+) to (?:the |an? )?(.+)",
            Pattern.CASE_INSENSITIVE);

    private ScribeLine() {}

    /**
     * {@return what the text means there; empty for an empty text}
     *
     * @param expectation chooses what an unfinished word is finished to
     */
    public static Optional<Reading> read(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        Optional<Reading> beforehand = Spoken.beforehand(text)
                .flatMap(words -> read(words, place, lexicon, expectation))
                .filter(Reading::isUnderstood);
        if (beforehand.isPresent()) {
            return beforehand;
        }
        if (text.strip().endsWith(" right away") && !text.contains("screen")) {
            // "Passes right away" tells no side.
            Optional<Reading> atOnce = aside(text, place, lexicon, expectation);
            if (atOnce.isPresent()) {
                return atOnce;
            }
        }
        if (new SaidFacts(place, lexicon).comeFirst(text)) {
            Optional<Reading> facts = withFacts(text, place, lexicon, expectation);
            if (facts.isPresent()) {
                return facts;
            }
        }
        Reading asItStands = LineReader.read(text, place, lexicon, expectation);
        return Optional.of(
                asItStands.isUnderstood()
                        ? asItStands
                        : inOtherWords(text, place, lexicon, expectation)
                                .or(() -> aside(text, place, lexicon, expectation))
                                .or(() -> spoken(text, place, lexicon, expectation))
                                .or(() -> ofBoth(text, place, lexicon, expectation))
                                .or(() -> fromTo(text, place, lexicon, expectation))
                                .or(() -> withFacts(text, place, lexicon, expectation))
                                .orElse(asItStands));
    }

    /** "Sprawls hard", "takes her down at the edge": how and where, of which nothing is asked, is kept as a note. */
    private static Optional<Reading> aside(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        Predicate<String> moves = words -> LineReader.read(words, place, lexicon, expectation)
                .proposal()
                .deed()
                .did()
                .flatMap(lexicon::technique)
                .filter(technique -> !technique.kind().movesNobody())
                .isPresent();
        return Asides.noted(text.strip(), moves)
                .flatMap(words -> read(words, place, lexicon, expectation).stream())
                .filter(Reading::isUnderstood)
                .findFirst();
    }

    private static Optional<Reading> spoken(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        return Spoken.plainly(text.strip(), place.actors())
                .flatMap(words -> read(words, place, lexicon, expectation))
                .filter(Reading::isUnderstood);
    }

    /** "They clinch", "both go out": what happened is told, and of neither that she did it. */
    private static Optional<Reading> ofBoth(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        Matcher both = BOTH.matcher(text.strip());
        return both.matches()
                ? Optional.of(LineReader.read(both.group(1), place, lexicon, expectation))
                        .filter(Reading::isSure)
                        .filter(reading -> reading.proposal().actor().isEmpty())
                        // Two are on no knee on belly: where one is on top, it is told which.
                        .filter(reading -> reading.proposal()
                                .settled()
                                .flatMap(where -> lexicon.position(where.position()))
                                .filter(Position::hasTop)
                                .isEmpty())
                : Optional.empty();
    }

    /** "Switches from the choke to the armbar": the choke was told when it was tried, and is kept as a note. */
    private static Optional<Reading> fromTo(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        Matcher change = FROM_TO.matcher(text.strip());
        if (!change.matches() || text.contains(" note ")) {
            return Optional.empty();
        }
        String who = change.group(1) == null ? "" : change.group(1);
        Predicate<Reading> done =
                reading -> reading.isSure() && reading.proposal().deed().did().isPresent();
        boolean places = lexicon.place(change.group(2)).isPresent()
                && lexicon.place(change.group(3)).isPresent();
        String to = (places ? "goes to " : "") + change.group(3);
        return Optional.of(LineReader.read(who + change.group(2), place, lexicon, expectation))
                .filter(from -> places || done.test(from))
                .map(from -> LineReader.read(who + to + " note from " + change.group(2), place, lexicon, expectation))
                .filter(there -> places ? there.isSure() && there.isUnderstood() : done.test(there));
    }

    /** "Knee cut opens the back", "waits until 4:20": what is said beyond the name. */
    private static Optional<Reading> withFacts(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        Predicate<String> understood =
                line -> LineReader.read(line, place, lexicon, expectation).isUnderstood();
        return new SaidFacts(place, lexicon).asFields(text, understood).flatMap(fields -> {
            Reading reading = LineReader.read(fields, place, lexicon, expectation);
            // What hangs on something is said clearly, though what was done has no name.
            boolean told = reading.isUnderstood()
                    || reading.proposal().deed().onlyTime()
                            && reading.proposal().telling().facts().stream().allMatch(ScribeLine::standsAlone)
                    || !reading.proposal().deed().onlyTime()
                            && reading.proposal().telling().facts().stream().anyMatch(ScribeLine::isSaidClearly);
            // A name that had to be guessed is no reason to read the rest so.
            boolean guessed = reading.how()
                    .filter(how -> how == Naming.How.FINISHED || how == Naming.How.MENDED)
                    .isPresent();
            return Optional.of(reading).filter(any -> told && !guessed);
        });
    }

    /** How somebody lies, what is waited for: told of nobody's act. "Opens the guard" is an act. */
    private static boolean standsAlone(Fact fact) {
        return switch (fact.factKind().matter()) {
            case BODIES -> true;
            case REASON -> fact.factKind() == FactKind.BRANCH || isWhy(fact, Purpose.How.WAITED_FOR);
            case ACT, BLOW, EXTENT, TIE, JUDGEMENT, TELLING -> false;
        };
    }

    /** "Fights for the grip" is not said of something that was for it. */
    private static boolean isSaidClearly(Fact fact) {
        return switch (fact.factKind().matter()) {
            case EXTENT -> true;
            case REASON -> !isWhy(fact, Purpose.How.FOR);
            case ACT, BODIES, BLOW, TIE, JUDGEMENT, TELLING -> false;
        };
    }

    private static boolean isWhy(Fact fact, Purpose.How how) {
        return fact instanceof Purpose.Why why && why.how() == how;
    }

    /** The fields behind the first semicolon, a note and what stands in quotes are left as they are. */
    private static Optional<Reading> inOtherWords(
            String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        String front = text.split("[;\"]|\\bnote\\b", 2)[0];
        return OtherWords.of(front.strip()).flatMap(words -> {
            String reworded = words + " " + text.substring(front.length());
            Reading reading = LineReader.read(reworded, place, lexicon, expectation);
            return Optional.of(reading).filter(Reading::isUnderstood);
        });
    }
}
