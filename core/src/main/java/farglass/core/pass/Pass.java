package farglass.core.pass;

import farglass.core.Spelling;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Role;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.fact.Grip;
import farglass.core.fact.Layer;
import farglass.core.fact.Mistake;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.core.pick.Fan;
import farglass.core.side.Seat;
import farglass.core.state.Conversation;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A viewing of a bout for one aim, perhaps in one position only: what it still has to ask. What lies in a stretch that was covered for
 * the layer was asked already, and is not asked again: "not looked at" and "nothing there" stay apart.
 *
 * @param position key of the only position looked at; empty for all
 * @param needs what the study has to learn; it says in which order is asked, and what not at all
 */
public record Pass(Aim aim, Optional<String> position, StudyNeeds needs) {
    private static final long ANSWERED_WITHIN_MICROS = 15_000_000;

    /** So much of what led to a moment is looked at with it. */
    private static final long BEFORE_MICROS = 2_000_000;

    private static final long AFTER_MICROS = 1_500_000;
    /** A stay shorter than this is passed through, and nobody settles grips in it. */
    private static final long SHORTEST_STAY_MICROS = 2_000_000;

    /** A question that a moment raises, and whether it has been told, or looked for, already. */
    record Raised(PassQuestion question, boolean told) {
        static Raised open(PassQuestion question) {
            return new Raised(question, false);
        }
    }

    /** {@return what is still to be asked, in the order of the film} Linear in the moments. */
    public List<PassQuestion> questions(BoutSheet sheet) {
        return raised(sheet).stream()
                .filter(raised -> !raised.told())
                .map(Raised::question)
                .filter(question -> !needs.settled().contains(question.topic().figure()))
                .toList();
    }

    /** {@return the same, the most telling first and alike ones together} */
    public Agenda agenda(BoutSheet sheet) {
        return Agenda.of(questions(sheet), needs);
    }

    List<Raised> raised(BoutSheet sheet) {
        List<Raised> all = new ArrayList<>();
        Set<String> stays = stays(sheet.timeline());
        for (Moment moment : sheet.bout().moments()) {
            if (moment.atMicros().isPresent() && isHere(moment, sheet.timeline())) {
                ask(moment, sheet, stays)
                        .map(raised -> isAsked(sheet.bout(), moment) ? new Raised(raised.question(), true) : raised)
                        .ifPresent(all::add);
            }
        }
        return all;
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

    private Optional<Raised> ask(Moment moment, BoutSheet sheet, Set<String> stays) {
        return switch (aim) {
            case STORY -> open(moment, sheet).map(Raised::open);
            case ANSWERS -> answer(moment, sheet);
            case GRIPS -> stays.contains(moment.id()) ? grips(moment, sheet) : Optional.empty();
            case ERRORS -> error(moment, sheet);
            case REWATCH -> again(moment, sheet).map(Raised::open);
        };
    }

    private static PassQuestion question(
            Moment moment, long before, String words, PassQuestion.About about, Topic topic) {
        long at = moment.atMicros().orElseThrow();
        return new PassQuestion(
                moment.id(), Math.max(0, at - Math.max(before, BEFORE_MICROS)), at + AFTER_MICROS, words, about, topic);
    }

    private static String words(Moment moment, BoutSheet sheet) {
        return Phrase.told(moment, sheet.bout(), sheet.lexicon());
    }

    /** Without what became of it. */
    private static Moment bare(Moment moment) {
        return moment.with(Telling.NOTHING);
    }

    private static String name(Optional<Seat> seat, BoutSheet sheet) {
        return seat.map(each -> sheet.bout().header().contestant(each).name()).orElse("");
    }

    private static Topic topic(String figure, Moment moment, BoutSheet sheet) {
        return new Topic(
                figure, name(moment.actor(), sheet), figure + " " + moment.actor(), words(bare(moment), sheet));
    }

    private static Optional<PassQuestion> open(Moment moment, BoutSheet sheet) {
        String words = words(moment, sheet);
        if (moment.deed().onlyTime() || moment.deed().unnamed().isPresent()) {
            return Optional.of(question(
                    moment, 0, words + ". What is it?", PassQuestion.About.OPEN, topic("names", moment, sheet)));
        }
        if (moment.technique().isPresent()
                && moment.actor().isEmpty()
                && !moment.telling().unknown(Fact.Field.ACTOR)) {
            return Optional.of(question(
                    moment, 0, words + ". Who did it?", PassQuestion.About.OPEN, topic("actors", moment, sheet)));
        }
        return Fan.of(moment, sheet.lexicon())
                .filter(fan -> !moment.telling().unknown(Fact.Field.BECAME))
                .map(fan -> question(
                        moment,
                        0,
                        words + ". " + fan.question(),
                        PassQuestion.About.OPEN,
                        topic("outcomes of " + moment.technique().orElseThrow(), moment, sheet)));
    }

    private static Optional<Raised> answer(Moment moment, BoutSheet sheet) {
        return sheet.conversation()
                .before(moment)
                .filter(turn -> isNear(turn, moment))
                .map(turn -> {
                    boolean told = turn.confirmed()
                            || moment.telling().answers().isPresent()
                            || moment.telling().unknown(Fact.Field.ANSWERS);
                    long gap = moment.atMicros().orElseThrow()
                            - turn.earlier().atMicros().orElse(moment.atMicros().orElseThrow());
                    String attack = turn.earlier().technique().orElse("something unnamed");
                    Topic topic = new Topic(
                            answersTo(attack),
                            name(moment.actor(), sheet),
                            "%s %s %s"
                                    .formatted(
                                            moment.actor(), moment.technique().orElse(moment.id()), attack),
                            "%s after %s"
                                    .formatted(
                                            words(bare(moment), sheet),
                                            Phrase.named(bare(turn.earlier()), sheet.bout(), sheet.lexicon())));
                    return new Raised(
                            question(
                                    moment,
                                    gap + BEFORE_MICROS,
                                    String.format(
                                            Locale.ROOT,
                                            "%s. Does it answer %s, %.1f s before?",
                                            words(moment, sheet),
                                            Phrase.named(turn.earlier(), sheet.bout(), sheet.lexicon()),
                                            gap / 1e6),
                                    PassQuestion.About.ANSWER,
                                    topic),
                            told);
                });
    }

    /** {@return the figure of how that attack is answered} */
    static String answersTo(String attack) {
        return "answers to " + attack;
    }

    /** Nobody answers what was over a quarter of a minute ago; what a person has linked stands. */
    private static boolean isNear(Conversation.Turn turn, Moment moment) {
        return turn.confirmed() || Conversation.isWithin(ANSWERED_WITHIN_MICROS, turn.earlier(), moment);
    }

    private static Optional<Raised> grips(Moment moment, BoutSheet sheet) {
        Stand after = sheet.timeline().after(moment);
        if (!after.position().isSettled()) {
            return Optional.empty();
        }
        boolean told = moment.telling().facts(Grip.class).findAny().isPresent()
                || moment.telling().unknown(Fact.Field.GRIP);
        String place = after.top()
                .map(top -> after.position().label() + ", " + AthleteWords.firstName(sheet.bout(), top) + " on top")
                .orElse(after.position().label());
        Topic topic =
                new Topic("grips in " + after.position().key(), name(after.top(), sheet), "grips in " + place, place);
        return Optional.of(new Raised(
                question(moment, 0, place + " from here on. Who holds what?", PassQuestion.About.GRIPS, topic), told));
    }

    /** Asked of what did not work, and of the moment after which the other is better placed. */
    private static Optional<Raised> error(Moment moment, BoutSheet sheet) {
        if (moment.technique().isEmpty() || moment.actor().isEmpty()) {
            return Optional.empty();
        }
        Timeline timeline = sheet.timeline();
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
        boolean told = moment.telling().facts(Mistake.class).findAny().isPresent()
                || moment.telling().unknown(Fact.Field.MISTAKE);
        return failed || lost
                ? Optional.of(new Raised(
                        question(
                                moment,
                                0,
                                words(moment, sheet) + ". Was there an error in it?",
                                PassQuestion.About.ERROR,
                                topic("errors in " + moment.technique().get(), moment, sheet)),
                        told))
                : Optional.empty();
    }

    private static Optional<PassQuestion> again(Moment moment, BoutSheet sheet) {
        String words = words(moment, sheet);
        String figure = moment.technique().map(key -> "doubts of " + key).orElse("doubts");
        if (moment.telling().certainty() != Certainty.SURE) {
            return Optional.of(question(
                    moment,
                    0,
                    "%s. It was marked %s: is it so?"
                            .formatted(words, moment.telling().certainty().label()),
                    PassQuestion.About.OPEN,
                    topic(figure, moment, sheet)));
        }
        Optional<Fact.Unknown> unknown =
                moment.telling().facts(Fact.Unknown.class).findFirst();
        if (unknown.isPresent()) {
            return Optional.of(question(
                    moment,
                    0,
                    "%s. The %s could not be told: can it now?"
                            .formatted(words, Spelling.of(unknown.get().field())),
                    PassQuestion.About.OPEN,
                    topic(figure, moment, sheet)));
        }
        return open(moment, sheet);
    }

    /** {@return what the study with these athletes has to learn of its bouts} Linear in their moments. */
    public static StudyNeeds needs(Aim aim, Set<String> subjects, Corpus study) {
        Map<StudyNeeds.Key, StudyNeeds.Known> known = new HashMap<>();
        int chances = 0;
        Pass pass = new Pass(aim, Optional.empty(), StudyNeeds.NONE);
        for (BoutSheet sheet : study.sheets()) {
            for (Raised raised : pass.raised(sheet)) {
                Topic topic = raised.question().topic();
                known.merge(
                        new StudyNeeds.Key(topic.figure(), topic.athlete()),
                        new StudyNeeds.Known(raised.told() ? 1 : 0, 1),
                        (one, more) -> one.and(raised.told()));
                chances++;
            }
        }
        Set<String> settled = aim == Aim.ANSWERS
                ? AnswerNeeds.settled(subjects, study).stream()
                        .map(Pass::answersTo)
                        .collect(Collectors.toSet())
                : Set.of();
        return new StudyNeeds(settled, known, subjects, chances);
    }
}
