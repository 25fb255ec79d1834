package farglass.core.clause;

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

    /** "Sits to guard and passes" does two things and no three. */
    private static final Pattern AND_THEN = Pattern.compile(" (?:and|then|e) ", Pattern.CASE_INSENSITIVE);

    private static final Pattern GOES_BACK_TO =
            Pattern.compile("back (?!takes?\\b|control\\b)", Pattern.CASE_INSENSITIVE);

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

    /** Whoever did what stands before, and nobody else, is meant by "her". */
    private static final Pattern WARNS_HER = Pattern.compile(
            "^((?:the )?ref(?:eree)? (?:warns|cautions|penali[sz]es)) (?:her|him|them)$", Pattern.CASE_INSENSITIVE);

    private static final Pattern WITH = Pattern.compile(
            "(\\S+ .+?) (with (?:the|an?|her|his|one|both|two) (?!.* (?:to|into|and|then|from) )(.+))",
            Pattern.CASE_INSENSITIVE);

    /** "Then to mount": where somebody goes. */
    private static final Pattern TO = Pattern.compile("(?:to|into) .+", Pattern.CASE_INSENSITIVE);

    private final ClauseReader reader;
    private final PlaceAndAct there;
    private final Given given;
    private final LastTap lastTap;

    private Clauses(ClauseReader reader) {
        this.reader = reader;
        this.there = new PlaceAndAct(reader);
        this.given = new Given(reader);
        this.lastTap = new LastTap(reader);
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
        Optional<List<Clause>> rewarded = clauses.given.told(text, place);
        // No name has a comma: what had to be mended for one may be two.
        boolean mended = text.indexOf(',') >= 0 && whole.get().reading().how().equals(Optional.of(Naming.How.MENDED));
        if (rewarded.isPresent() || whole.get().isUnderstood() && !mended) {
            return rewarded.orElseGet(() -> whole.stream().toList());
        }
        List<Clause> told = clauses.parted(text, place);
        // Nobody taps to a seat belt: there two things were told.
        if (mended
                && !clauses.lastTap.isToNothing(whole.get())
                && !told.stream().allMatch(Clause::isUnderstood)) {
            return whole.stream().toList();
        }
        return told.stream().anyMatch(Clause::isUnderstood) && told.size() <= MOST
                ? told
                : whole.stream().toList();
    }

    /** The parts between commas, and before and behind "but", each joined to the one before it where it is only more of that. */
    private List<Clause> parted(String text, LinePlace place) {
        List<Clause> told = new ArrayList<>();
        List<String> parts = Stream.of(BETWEEN.split(text, MOST + 1))
                .flatMap(part -> meanwhile(part.strip(), place).stream())
                .filter(part -> !part.isBlank())
                .toList();
        for (int i = 0; i < parts.size(); i++) {
            add(told, parts.get(i), told.isEmpty() ? place : reader.after(last(told)), i == parts.size() - 1);
        }
        if (told.size() == 2 && told.get(0).isRestart() && told.get(1).isStop()) {
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

    /** @param ends whether nothing stands behind it: nobody leaves a word unfinished who goes on writing */
    private void add(List<Clause> told, String whole, LinePlace here, boolean ends) {
        if (told.isEmpty()) {
            told.addAll(joined(whole, here));
            return;
        }
        Clause last = last(told);
        String part = last.actor()
                .map(actor -> WARNS_HER.matcher(Spoken.withoutLead(whole)).replaceFirst("$1 " + actor))
                .orElseGet(() -> Spoken.withoutLead(whole));
        Optional<Clause> alone = reader.clause(part, here);
        if (alone.filter(clause -> isOfTheOther(clause, last) || clause.isTheReferees())
                .isPresent()) {
            told.addAll(
                    alone.filter(Given::isForWhomeverItWas).isPresent()
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
        Optional<Clause> more = reader.more(last, BecameWords.of(part))
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
                .filter(clauses ->
                        clauses.stream().allMatch(clause -> clause.isUnderstood() && (ends || !clause.isFinished())))
                .orElse(List.of());
        Optional<Clause> tap = lastTap.behind(last, part, here);
        if (!own.isEmpty()) {
            told.addAll(own);
        } else if (tap.filter(last::isSameDeed).isPresent()) {
            told.set(told.size() - 1, tap.get());
        } else if (tap.isPresent()) {
            told.add(tap.get());
        } else if (last.isUnderstood()) {
            told.set(told.size() - 1, reader.noted(last, part));
        } else {
            told.set(
                    told.size() - 1,
                    reader.clause(last.text() + ", " + part, last.place()).orElseThrow());
        }
    }

    /** "Passes, 3 points": an award behind what earned it. */
    private List<Clause> earned(List<Clause> told, String award, LinePlace here) {
        return given.earnedBy(told)
                .map(seat -> joined(seat + " " + award, here))
                .filter(clauses -> clauses.stream().allMatch(Clause::isTheReferees))
                .orElseGet(() -> joined(award, here));
    }

    /** One act after another, or the place one began from. */
    private List<Clause> joined(String text, LinePlace place) {
        Optional<List<Clause>> rewarded = given.told(text, place);
        if (rewarded.isPresent()) {
            return rewarded.get();
        }
        Clause whole = reader.clause(text, place).orElseThrow();
        if (whole.isUnderstood()) {
            return List.of(whole);
        }
        return chained(text, place, whole.actor())
                .or(() -> there.landed(text, place))
                .or(() -> there.pinned(text, place))
                .or(() -> there.begunFrom(text, place, whole.actor()))
                .or(() -> there.placeThen(text, place))
                .or(() -> PartlyNamed.told(text, place, reader))
                .or(() -> doneWith(text, place))
                .orElse(List.of(whole));
    }

    /** "Chokes with the lapel": with what it was done stays as a note, unless that is something done itself, as in "passes with a knee cut". */
    private Optional<List<Clause>> doneWith(String text, LinePlace place) {
        Matcher with = WITH.matcher(text);
        // "Traps the arm with the legs" has names: of which is meant, a person is asked.
        return with.matches()
                        && reader.lexicon().meanings(text.split("\\s+", 2)[1]).isEmpty()
                ? reader.clause(with.group(1), place)
                        .filter(done -> done.isSure()
                                && (done.isDone() || done.isPlace())
                                && done.actor().isPresent())
                        .filter(done -> reader.by(with.group(3), done.actor().orElseThrow(), place)
                                .filter(what -> what.isSure() && what.isDone() && reader.moves(what))
                                .isEmpty())
                        .map(done -> List.of(reader.noted(done, with.group(2))))
                : Optional.empty();
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
                    || GOES_BACK_TO.matcher(rest).lookingAt()
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
            Optional<List<Clause>> further = first.filter(
                            done -> !same && !AND_THEN.matcher(rest).find())
                    .flatMap(done -> furtherOn(done, rest));
            if (further.isPresent()) {
                return further;
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

    /** "Armbar to triangle to omoplata": the rest of a chain in which each thing is done out of the one before. */
    private Optional<List<Clause>> furtherOn(Clause done, String rest) {
        return done.actor()
                .flatMap(actor -> chained(actor + " " + rest, reader.after(done), Optional.of(actor)))
                .filter(further -> further.stream().allMatch(Clause::isDone))
                .map(further -> Stream.concat(Stream.of(done), further.stream()).toList());
    }

    private boolean isPull(Clause clause) {
        return reader.technique(clause)
                .filter(technique -> technique.kind() == Kind.PULL)
                .isPresent();
    }

    private static Clause last(List<Clause> told) {
        return told.get(told.size() - 1);
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
