package farglass.core.pass;

import farglass.core.bout.Bout;
import farglass.core.bout.Certainty;
import farglass.core.bout.Deed;
import farglass.core.bout.Fact;
import farglass.core.bout.Layer;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Role;
import farglass.core.scribe.Fan;
import farglass.core.scribe.Phrase;
import farglass.core.state.Conversation;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A viewing of a bout for one aim, perhaps in one position only: what it still has to ask, in the order of the film. What lies in a
 * stretch that was covered for the layer was asked already, and is not asked again: "not looked at" and "nothing there" stay apart.
 *
 * @param position key of the only position looked at; empty for all
 * @param settled attacks whose usual answer is known well enough, by {@link AnswerNeeds}: they are asked about no more
 */
public record Pass(Aim aim, Optional<String> position, Set<String> settled) {
    /** So much of what led to a moment is looked at with it. */
    private static final long BEFORE_MICROS = 2_000_000;

    private static final long AFTER_MICROS = 1_500_000;
    /** A stay shorter than this is passed through, and nobody settles grips in it. */
    private static final long SHORTEST_STAY_MICROS = 2_000_000;

    public Pass {
        settled = Set.copyOf(settled);
    }

    /** {@return what is still to be asked, in the order of the film} Linear in the moments. */
    public List<Question> questions(BoutSheet sheet) {
        List<Question> questions = new ArrayList<>();
        Set<String> stays = stays(sheet.timeline());
        for (Moment moment : sheet.bout().moments()) {
            if (moment.atMicros().isPresent() && isHere(moment, sheet.timeline()) && !isAsked(sheet.bout(), moment)) {
                ask(moment, sheet, stays).ifPresent(questions::add);
            }
        }
        return questions;
    }

    /** {@return the moments that led into a place where the two then stayed} */
    private static Set<String> stays(Timeline timeline) {
        return timeline.visits().stream()
                .filter(visit -> visit.toMicros() - visit.fromMicros() >= SHORTEST_STAY_MICROS)
                .flatMap(visit -> visit.openedBy().stream())
                .collect(Collectors.toSet());
    }

    private boolean isHere(Moment moment, Timeline timeline) {
        Predicate<Stand> here = stand -> stand.position().key().equals(position.orElseThrow());
        return position.isEmpty() || here.test(timeline.before(moment)) || here.test(timeline.after(moment));
    }

    private boolean isAsked(Bout bout, Moment moment) {
        return aim.layer().isPresent()
                && aim.layer().get() != Layer.STORY
                && bout.header().covers(aim.layer().get(), moment.atMicros().getAsLong());
    }

    private Optional<Question> ask(Moment moment, BoutSheet sheet, Set<String> stays) {
        Bout bout = sheet.bout();
        Lexicon lexicon = sheet.lexicon();
        return switch (aim) {
            case STORY -> open(bout, moment, lexicon);
            case ANSWERS -> answer(bout, moment, sheet.conversation(), lexicon);
            case GRIPS -> stays.contains(moment.id()) ? grips(bout, moment, sheet.timeline()) : Optional.empty();
            case ERRORS -> error(bout, moment, sheet.timeline(), lexicon);
            case REWATCH -> again(bout, moment, lexicon);
        };
    }

    private static Question question(Moment moment, long before, String words, Question.About about) {
        long at = moment.atMicros().orElseThrow();
        return new Question(
                moment.id(), Math.max(0, at - Math.max(before, BEFORE_MICROS)), at + AFTER_MICROS, words, about);
    }

    private static String words(Moment moment, Bout bout, Lexicon lexicon) {
        return "%s: %s".formatted(Phrase.actor(moment.actor(), bout), Phrase.of(moment, bout, lexicon));
    }

    private static Optional<Question> open(Bout bout, Moment moment, Lexicon lexicon) {
        String words = words(moment, bout, lexicon);
        if (moment.deed() instanceof Deed.Mark || moment.deed() instanceof Deed.Unnamed) {
            return Optional.of(question(moment, 0, words + ". What is it?", Question.About.OPEN));
        }
        if (moment.technique().isPresent()
                && moment.actor().isEmpty()
                && !moment.telling().unknown(Fact.Field.ACTOR)) {
            return Optional.of(question(moment, 0, words + ". Who did it?", Question.About.OPEN));
        }
        return Fan.of(moment, lexicon)
                .filter(fan -> !moment.telling().unknown(Fact.Field.BECAME))
                .map(fan -> question(moment, 0, words + ". " + fan.question(), Question.About.OPEN));
    }

    private Optional<Question> answer(Bout bout, Moment moment, Conversation conversation, Lexicon lexicon) {
        boolean told =
                moment.telling().answers().isPresent() || moment.telling().unknown(Fact.Field.ANSWERS);
        return conversation
                .before(moment)
                .filter(turn -> !told && !turn.confirmed())
                .filter(turn ->
                        turn.earlier().technique().filter(settled::contains).isEmpty())
                .map(turn -> {
                    long gap = moment.atMicros().orElseThrow()
                            - turn.earlier().atMicros().orElse(moment.atMicros().orElseThrow());
                    return question(
                            moment,
                            gap + BEFORE_MICROS,
                            String.format(
                                    Locale.ROOT,
                                    "%s. Does it answer %s, %.1f s before?",
                                    words(moment, bout, lexicon),
                                    words(turn.earlier(), bout, lexicon),
                                    gap / 1e6),
                            Question.About.ANSWER);
                });
    }

    private static Optional<Question> grips(Bout bout, Moment moment, Timeline timeline) {
        Stand after = timeline.after(moment);
        boolean told = moment.telling().facts(Fact.Grip.class).findAny().isPresent()
                || moment.telling().unknown(Fact.Field.GRIP);
        return !told && after.position().isSettled()
                ? Optional.of(question(
                        moment,
                        0,
                        "%s from here on. Who holds what?"
                                .formatted(after.top()
                                        .map(top -> after.position().label() + ", " + Phrase.firstName(bout, top)
                                                + " on top")
                                        .orElse(after.position().label())),
                        Question.About.GRIPS))
                : Optional.empty();
    }

    /** Asked of what did not work, and of the moment after which the other is better placed. */
    private static Optional<Question> error(Bout bout, Moment moment, Timeline timeline, Lexicon lexicon) {
        if (moment.technique().isEmpty()
                || moment.actor().isEmpty()
                || moment.telling().facts(Fact.Mistake.class).findAny().isPresent()
                || moment.telling().unknown(Fact.Field.MISTAKE)) {
            return Optional.empty();
        }
        Seat actor = moment.actor().get();
        boolean failed = moment.telling()
                .became()
                .filter(became -> switch (became) {
                    case ABANDONED, THREATENED, NEARLY, TURNED, PARTLY, FAILED, DENIED, LOST -> true;
                    case SHOWN, OFF_BALANCED, HELD, WORKED, TAKEN, CUT_OFF -> false;
                })
                .isPresent();
        boolean lost = timeline.before(moment).roleOf(actor) != Role.BOTTOM
                && timeline.after(moment).roleOf(actor) == Role.BOTTOM;
        return failed || lost
                ? Optional.of(question(
                        moment, 0, words(moment, bout, lexicon) + ". Was there an error in it?", Question.About.ERROR))
                : Optional.empty();
    }

    private static Optional<Question> again(Bout bout, Moment moment, Lexicon lexicon) {
        String words = words(moment, bout, lexicon);
        if (moment.telling().certainty() != Certainty.SURE) {
            return Optional.of(question(
                    moment,
                    0,
                    "%s. It was marked %s: is it so?"
                            .formatted(words, moment.telling().certainty().label()),
                    Question.About.OPEN));
        }
        Optional<Fact.Unknown> unknown =
                moment.telling().facts(Fact.Unknown.class).findFirst();
        if (unknown.isPresent()) {
            return Optional.of(question(
                    moment,
                    0,
                    "%s. The %s could not be told: can it now?"
                            .formatted(words, Fact.label(unknown.get().field())),
                    Question.About.OPEN));
        }
        return open(bout, moment, lexicon);
    }
}
