package farglass.core.clause;

import farglass.core.bout.Award;
import farglass.core.entry.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Naming;
import farglass.core.said.Passive;
import farglass.core.scribe.Asides;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.Spoken;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What one typed line tells in several moments: "ann knee cut left, bea frames", "bea hip bump to kimura", "bea armbar from mount" where
 * nobody had told of the mount. A line is parted only where it names nothing as a whole and its parts do; each part is read where the one
 * before it leads.
 */
public final class Clauses {
    private static final int MOST = 4;
    /** A longer line is a pasted page, and is kept whole. */
    private static final int LONGEST = 160;

    /** Between two things that one athlete does, one out of the other. */
    private static final Pattern THEN =
            Pattern.compile(" (?:and then|then|straight to|straight into|into|to|and|e) ", Pattern.CASE_INSENSITIVE);

    /** Behind these words it may stand what became of the one thing. */
    private static final Set<String> SAME = Set.of("and", "and then", "e");

    private static final Pattern SWITCHES = Pattern.compile("switch(?:es|ed)?", Pattern.CASE_INSENSITIVE);

    private static final Pattern BETWEEN = Pattern.compile(
            ",|\\s+(?:but|/|vs\\.?)\\s+|\\s+and\\s+(?=(?:the )?ref(?:eree)?\\s)", Pattern.CASE_INSENSITIVE);

    /** The other one's name behind it has more than one letter: "a" is an article there. */
    private static final Pattern MEANWHILE =
            Pattern.compile("(.+) (?:as|while|when) (\\S{2,})( .+)", Pattern.CASE_INSENSITIVE);

    /** Told of the thing that was done, and no act of whoever did it. */
    private static final Pattern OF_IT = Pattern.compile("it .*", Pattern.CASE_INSENSITIVE);

    private static final Pattern TAPS = Pattern.compile(".*\\b(?:taps|tapped)(?: out)?", Pattern.CASE_INSENSITIVE);

    private static final Pattern WHAT_FOR = Pattern.compile(
            "(?:take|get|pass|sweep|go|free|open|make|force|set up|come|stand|finish|mount|break|create) ",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FOR_POINTS = Pattern.compile(
            "(.+?)(?:,? for (two|three|four|[2-4])(?: points?| pts?)?|,? (two|three|four|[2-4]) points?|,? \\+([2-4])"
                    + "|,? for (an advantage|advantage))",
            Pattern.CASE_INSENSITIVE);

    /** Whoever did what stands before, and nobody else, is meant by "her". */
    private static final Pattern WARNS_HER = Pattern.compile(
            "^((?:the )?ref(?:eree)? (?:warns|cautions|penali[sz]es)) (?:her|him|them)$", Pattern.CASE_INSENSITIVE);

    /** "Then to mount": where somebody goes. */
    private static final Pattern TO = Pattern.compile("(?:to|into) .+", Pattern.CASE_INSENSITIVE);

    private final ClauseReader reader;
    private final PlaceAndAct there;

    private Clauses(ClauseReader reader) {
        this.reader = reader;
        this.there = new PlaceAndAct(reader);
    }

    /** {@return what the line tells, one moment each, in order; empty for an empty line} */
    public static List<Clause> read(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        Optional<List<Clause>> inWords = Jotted.inWords(text, place.actors())
                .map(words -> asItStands(words, place, lexicon, expectation))
                .filter(told -> told.stream().allMatch(Clause::isUnderstood));
        return inWords.orElseGet(() -> asItStands(text, place, lexicon, expectation));
    }

    private static List<Clause> asItStands(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        ClauseReader reader = new ClauseReader(place, lexicon, expectation);
        Clauses clauses = new Clauses(reader);
        Optional<Clause> whole = reader.clause(text, place);
        boolean parted = text.indexOf(';') >= 0 || text.indexOf('"') >= 0 || text.length() > LONGEST;
        if (whole.isEmpty() || parted) {
            return whole.stream().toList();
        }
        Optional<List<Clause>> rewarded = clauses.rewarded(text, place);
        // No name has a comma: what had to be mended for one may be two.
        boolean mended = text.indexOf(',') >= 0 && whole.get().reading().how().equals(Optional.of(Naming.How.MENDED));
        if (rewarded.isPresent() || whole.get().isUnderstood() && !mended) {
            return rewarded.orElseGet(() -> whole.stream().toList());
        }
        List<Clause> told = clauses.parted(text, place);
        if (mended && !told.stream().allMatch(Clause::isUnderstood)) {
            return whole.stream().toList();
        }
        return told.stream().anyMatch(Clause::isUnderstood) && told.size() <= MOST
                ? told
                : whole.stream().toList();
    }

    /** "Sweeps for two": what was done, and what the referee gave for it, which nobody gets who did not do it. */
    private Optional<List<Clause>> rewarded(String text, LinePlace place) {
        Matcher reward = FOR_POINTS.matcher(text.strip());
        if (!reward.matches()) {
            return Optional.empty();
        }
        boolean points = reward.group(5) == null;
        String given = points
                ? "gets %s points"
                        .formatted(Stream.of(2, 3, 4)
                                .map(reward::group)
                                .filter(Objects::nonNull)
                                .findFirst()
                                .orElseThrow())
                : "gets an advantage";
        return reader.clause(reward.group(1), place)
                .filter(done -> done.isUnderstood() && done.actor().isPresent())
                .map(done -> points && moves(done) ? held(done) : done)
                .flatMap(done -> reader.clause(done.actor().orElseThrow() + " " + given, reader.after(done))
                        .filter(Clauses::isTheReferees)
                        .map(award -> List.of(done, award)));
    }

    /** Of a grip it is not told that it held. */
    private boolean moves(Clause clause) {
        return reader.technique(clause)
                .filter(technique -> !technique.kind().movesNobody())
                .isPresent();
    }

    /** What points were given for has held. */
    private Clause held(Clause done) {
        return done.saysWhatBecame()
                ? done
                : reader.clause(done.text() + " held", done.place())
                        .filter(held -> held.isSameDeed(done))
                        .orElse(done);
    }

    /** The parts between commas, and before and behind "but", each joined to the one before it where it is only more of that. */
    private List<Clause> parted(String text, LinePlace place) {
        List<Clause> told = new ArrayList<>();
        for (String part : BETWEEN.split(text, MOST + 1)) {
            for (String one : meanwhile(part.strip(), place)) {
                LinePlace here = told.isEmpty() ? place : reader.after(last(told));
                if (!one.isBlank()) {
                    add(told, one, here);
                }
            }
        }
        if (told.size() == 2 && isRestart(told.get(0)) && isStop(told.get(1))) {
            // "Reset, out of bounds" gives the reason behind what followed from it.
            Collections.reverse(told);
        }
        return told;
    }

    /** "Passes as Bea frames", "while Bea frames": what is told of each of the two. */
    private List<String> meanwhile(String part, LinePlace place) {
        Matcher as = MEANWHILE.matcher(part);
        List<String> words = List.of(part.split("\\s+", 2));
        Optional<Seat> actor = place.actors().inFront(words, reader.lexicon());
        boolean ofTheOther = as.matches()
                && actor.isPresent()
                && place.actors().seat(as.group(2)).equals(actor.map(Seat::other));
        return ofTheOther ? List.of(as.group(1), as.group(2) + as.group(3)) : List.of(part);
    }

    private void add(List<Clause> told, String whole, LinePlace here) {
        if (told.isEmpty()) {
            told.addAll(joined(whole, here));
            return;
        }
        Clause last = last(told);
        String part = last.actor()
                .map(actor -> WARNS_HER.matcher(Spoken.withoutLead(whole)).replaceFirst("$1 " + actor))
                .orElseGet(() -> Spoken.withoutLead(whole));
        Optional<Clause> alone = reader.clause(part, here);
        if (alone.filter(clause -> isOfTheOther(clause, last) || isTheReferees(clause))
                .isPresent()) {
            told.addAll(
                    alone.filter(Clauses::isForWhomeverItWas).isPresent()
                            ? earned(told, part, here)
                            : joined(part, here));
            return;
        }
        Optional<Clause> tapped = Optional.of(last)
                .filter(clause -> TAPS.matcher(clause.text()).matches())
                .flatMap(clause -> reader.clause(clause.text() + " to " + part, clause.place()))
                .filter(Clause::isUnderstood);
        if (tapped.isPresent()) {
            told.set(told.size() - 1, tapped.get());
            return;
        }
        // "But gets choked" is more than what became of the one thing, and so is "and then passes".
        boolean another = Passive.in(part).isPresent() || !part.equals(whole);
        Optional<Clause> more = reader.clause(last.text() + " " + BecameWords.of(part), last.place())
                .filter(clause -> !another || clause.saysWhatBecame())
                .filter(clause -> clause.isUnderstood() && (!last.isUnderstood() || clause.isSameDeed(last)))
                // "Passes to side control, then to mount" has come to both.
                .filter(clause -> last.settled().isEmpty() || clause.settled().equals(last.settled()));
        if (more.isPresent()) {
            told.set(told.size() - 1, more.get());
            return;
        }
        List<Clause> own = last.actor()
                .filter(actor -> !OF_IT.matcher(part).matches())
                .map(actor -> joined(actor + (TO.matcher(part).matches() ? " goes " : " ") + part, here))
                .filter(clauses -> clauses.stream().allMatch(Clause::isUnderstood))
                .orElse(List.of());
        if (!own.isEmpty()) {
            told.addAll(own);
        } else if (last.isUnderstood()) {
            told.set(told.size() - 1, reader.noted(last, part));
        } else {
            told.set(
                    told.size() - 1,
                    reader.clause(last.text() + ", " + part, last.place()).orElseThrow());
        }
    }

    /** "Passes, 3 points": points and an advantage are of whoever has brought the two somewhere, or attacked, last, and a penalty of nobody who is not named. */
    private List<Clause> earned(List<Clause> told, String award, LinePlace here) {
        Optional<Seat> by = told.stream()
                .filter(this::isWorthPoints)
                .reduce((before, after) -> after)
                .flatMap(Clause::actor);
        return by.map(seat -> joined(seat + " " + award, here))
                .filter(clauses -> clauses.stream().allMatch(Clauses::isTheReferees))
                .orElseGet(() -> joined(award, here));
    }

    private boolean isWorthPoints(Clause clause) {
        return reader.technique(clause)
                .filter(technique -> !technique.to().isEmpty() || technique.kind() == Kind.SUBMISSION)
                .isPresent();
    }

    private static boolean isForWhomeverItWas(Clause clause) {
        return clause.actor().isEmpty()
                && clause.reading()
                        .proposal()
                        .deed()
                        .given()
                        .filter(award -> award.kind() == Award.Kind.POINTS || award.kind() == Award.Kind.ADVANTAGE)
                        .isPresent();
    }

    /** One act after another, or the place one began from. */
    private List<Clause> joined(String text, LinePlace place) {
        Clause whole = reader.clause(text, place).orElseThrow();
        if (whole.isUnderstood()) {
            return List.of(whole);
        }
        return chained(text, place, whole.actor())
                .or(() -> there.begunFrom(text, place, whole.actor()))
                .or(() -> there.placeThen(text, place))
                .or(() -> PartlyNamed.told(text, place, reader))
                .orElse(List.of(whole));
    }

    /** "Hip bump to kimura", "underhook and comes up": both have to be understood, and something done. */
    private Optional<List<Clause>> chained(String text, LinePlace place, Optional<Seat> actor) {
        Matcher then = THEN.matcher(text);
        while (actor.isPresent() && then.find()) {
            String rest = text.substring(then.end());
            boolean same = SAME.contains(then.group().strip().toLowerCase(Locale.ROOT));
            // Where somebody is brought to on her own body or the mat is no second act: "drags her to her knees".
            // "Left and then back to the right" and "gets back to the armbar" tell where to, and of nobody's back.
            // "To take the back" tells what for.
            if (!same && Asides.isOnTheBody(rest)
                    || rest.startsWith("back ")
                    || !same
                            && PlaceAndAct.GOES_BACK
                                    .matcher(text.substring(0, then.start()))
                                    .matches()
                    || then.group().equals(" to ")
                            && WHAT_FOR.matcher(text)
                                    .region(then.end(), text.length())
                                    .lookingAt()) {
                continue;
            }
            String act = text.substring(0, then.start());
            // Nobody who is on top "sits to the hip switch" by sitting to guard.
            String[] acting = act.strip().split("\\s+");
            boolean oneWord = !same && acting.length < 3;
            if (oneWord && SWITCHES.matcher(acting[acting.length - 1]).matches()) {
                // "Switches to the right knee cut" tells of the knee cut alone.
                Optional<Clause> only = reader.by(rest, actor.get(), place).filter(Clause::isDone);
                if (only.isPresent()) {
                    return Optional.of(List.of(only.get()));
                }
            }
            Optional<Clause> first = reader.clause(act, place)
                    .filter(Clause::isDone)
                    .filter(done -> !done.isFinished())
                    .filter(done -> !oneWord || reader.canStart(done));
            // "Hip bump to mount" tells where the hip bump ended, "passes and goes to mount" what came then.
            // Whom somebody is pulled into something by is who has it; what she does then, "and", she does herself.
            Optional<Clause> second = first.flatMap(
                    done -> reader.by(rest, same ? actor.get() : done.actor().orElse(actor.get()), reader.after(done))
                            .filter(next -> next.isDone() || same && next.isPlace())
                            // "Osoto into closed guard" tells where it ended, and no guard pull.
                            .filter(next -> same || !isPull(next) || rest.contains("pull")));
            if (second.isPresent()) {
                return Optional.of(List.of(first.get(), second.get()));
            }
            Optional<Clause> ended = first.filter(done -> same)
                    .flatMap(done -> reader.clause(done.text() + " " + BecameWords.of(rest), place)
                            .filter(told -> told.isDone() && told.isSameDeed(done) && told.saysWhatBecame()));
            if (ended.isPresent()) {
                return Optional.of(List.of(ended.get()));
            }
        }
        return Optional.empty();
    }

    private boolean isPull(Clause clause) {
        return reader.technique(clause)
                .filter(technique -> technique.kind() == Kind.PULL)
                .isPresent();
    }

    private static Clause last(List<Clause> told) {
        return told.get(told.size() - 1);
    }

    private static boolean isRestart(Clause clause) {
        return clause.reading().proposal().deed().restart().isPresent();
    }

    private static boolean isStop(Clause clause) {
        return clause.reading().proposal().deed().stop().isPresent();
    }

    private static boolean isTheReferees(Clause clause) {
        return clause.reading().proposal().deed().given().isPresent() || isStop(clause) || isRestart(clause);
    }

    /** The other athlete has to be named in front, so that no remark behind a comma becomes a moment of its own. */
    private static boolean isOfTheOther(Clause clause, Clause last) {
        Optional<Seat> named = clause.place().actors().seat(clause.text().split("\\s+")[0]);
        // "Bea taps" and "Bea gets swept" are understood as Ann's.
        boolean after = last.actor().isPresent()
                ? !last.actor().equals(named)
                : clause.isUnderstood() && clause.actor().equals(named);
        return named.isPresent() && after && (clause.actor().equals(named) || clause.isUnderstood());
    }
}
