package farglass.core.said;

import farglass.core.bout.Became;
import farglass.core.entry.Ends;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Here;
import farglass.core.naming.Naming;
import farglass.core.naming.Words;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.state.Whereabouts;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What people say round a name: where it was ("kimura from half guard"), what became of it ("loses the underhook"), where it ended
 * ("passes to side control"), or only where somebody is ("on top in mount"). Looked at when a phrase names nothing as a whole.
 */
record WordsAround(
        String phrase, Optional<Seat> actor, Scene scene, Optional<Became> became, Lexicon lexicon, Part parts) {
    /** Reads a part of the phrase. */
    interface Part {
        PhraseMeaning read(String part, Optional<Became> of);
    }

    /** A longer phrase is a pasted page, and is kept whole. */
    private static final int LONGEST = 100;

    private static final List<String> FROM = List.of(" from the ", " from ", " in the ", " in ");
    /** Said behind a phrase, and telling nothing that the order of moments does not. */
    private static final List<String> AGAIN = List.of(" again", " once more", " now", " de novo");

    private static final List<String> FEINTS = List.of("fakes", "faked", "feints", "feinted", "fake", "feint");
    private static final List<String> FEINT = List.of("fake", "feint");

    private static final Pattern LOCKS =
            Pattern.compile("(?:locks|locked|sinks)(?: up| in)? (.+)", Pattern.CASE_INSENSITIVE);

    private static final Pattern BY = Pattern.compile(
            "(.+?) (?:with|by|using|com|(?<=(?:derruba|derrubou|raspa|raspou|passa|passou) )de|no|na) (?:an? |the |her |his |o |a |um |uma )?(.+)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SUBMITS =
            Pattern.compile("(?:submits|submitted|attacks|attacked)(?: her| him)?", Pattern.CASE_INSENSITIVE);

    private static final Pattern NOT_DONE =
            Pattern.compile("(?:(?:can't|cannot|can not|couldn't|could not|(?:is |was )?unable to)"
                    + "(?: quite)?(?: (?:get|finish|complete|land))?|(?:doesn't|does not|didn't|did not|never) (?:get|finish|complete|land))"
                    + "(?: to)? (.+)");

    private static final Pattern THERE =
            Pattern.compile("(?:is|are|was|were|sits|lies)(?: now| still| already| back)? in (?:the )?(.+)");

    private static final Pattern STUCK = Pattern.compile(
            "(?:is|are|was|were|gets|got)(?: now| still| already)? stuck (?:in|under|underneath|beneath) (?:the )?(.+)");

    /** How one gets somewhere: of a place, and of what is tried from there, it is only the way. */
    private static final String MOVES =
            "(?:climbs?|climbed|drop(?:s|ped)?|falls?|fell|rolls?|rolled|turns?|turned|collapses|collapsed|slides?|slid|spins?|spun"
                    + "|steps?|stepped|rotates?|rotated|floats?|floated|swings?|swung|pivots?|pivoted|backsteps?|hops?|hopped|jumps?|jumped|dives?|dove"
                    + "|dived|sits?|sat|leans?|leaned|lies|lay|inverts?|inverted|goes|went|comes|came|scrambles?|scrambled)"
                    + "(?: (?:back|down|over|under|up|around|round|through|out|in|across|off|right|straight))*";

    private static final Pattern MOVED = Pattern.compile(MOVES, Pattern.CASE_INSENSITIVE);

    /** Round the legs of a guard that is a pass. */
    private static final Pattern WALKED = Pattern.compile(
            "(?:walks?|walked|runs?|ran)(?: (?:back|over|up|around|round|across|through))*", Pattern.CASE_INSENSITIVE);

    /** "Gets back to half guard" takes nobody's back: it is half guard. */
    private static final String BACK =
            "(?:gets?|got|works?|worked|fights?|fought|recovers?|recovered|shrimps?|shrimped|hips?|hipped|hip escapes|returns?|returned|wriggles|switches hips)"
                    + "(?: (?:her|his|their) way)?(?: back)?";

    private static final Pattern RETURNS = Pattern.compile(BACK, Pattern.CASE_INSENSITIVE);

    private static final Pattern TO_GUARD = Pattern.compile(
            "(?:" + BACK + "|" + MOVES + ") (?:to|into) (?:a |her |his |the )?(?:full )?guard",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TRIED = Pattern.compile(
            "(?:" + MOVES + " (?:for|into|to|on|onto|after)|(?:fishes|fished|chases|chased|hunts|hunted) (?:for|after)"
                    + "|(?:snaps?|snapped|slaps?|slapped|clamps?|clamped|throws?|threw|slings?|slung) (?:on|up))"
                    + "(?: an?| the| her| his)? (.+)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TO_THE_MAT =
            Pattern.compile("(.+) (?:to|onto|on) the (?:mat|ground|floor|mats)", Pattern.CASE_INSENSITIVE);
    private static final Pattern IN = Pattern.compile("(.+) in (?:the |her |his )?(.+)", Pattern.CASE_INSENSITIVE);
    private static final List<String> TO = List.of(" straight to ", " into ", " to ");
    private static final Pattern AND_BACK =
            Pattern.compile("(.+(?<! the| her| his| own)) back", Pattern.CASE_INSENSITIVE);
    private static final Pattern DIVES = Pattern.compile(
            "(?:dives?|dove|dived|drops?|dropped|ducks?|ducked)(?: (?:under|underneath|down|in))* for (?:a |the |her |his )?(.+)",
            Pattern.CASE_INSENSITIVE);

    /** "Drags her to her side" leaves her lying on it. */
    private static final Pattern OWN_SIDE =
            Pattern.compile("(?:her|his|their|the)(?: own)? side", Pattern.CASE_INSENSITIVE);

    /** What comes then is another moment. */
    private static final Pattern THEN = Pattern.compile(", |\\bthen\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern ON_THE_FEET =
            Pattern.compile("(?:(?:her|his|their|the) feet|standing position)", Pattern.CASE_INSENSITIVE);

    private static final Pattern ANY_GUARD =
            Pattern.compile("(?:(?:a|the|her|his|full) )?guard", Pattern.CASE_INSENSITIVE);

    private static final String TO_GUARD_AGAIN = "back to guard";

    /** Families whose places people call by one name: "from the back" is said of every way to have it. */
    private static final Set<Family> ONE_NAME = EnumSet.of(Family.BACK, Family.HALF, Family.TURTLE, Family.LEGS);

    private static final List<String> ON_TOP = List.of("on top", "on the top", "top");
    private static final List<String> UNDERNEATH =
            List.of("underneath", "under", "on the bottom", "on bottom", "bottom");
    private static final Pattern ENDS =
            Pattern.compile("^(lands|ends|ends up|finishes|winds up) (?=on |under|underneath)");
    private static final List<String> WITHIN = List.of(" in the ", " in ", " of ", " from ");
    private static final List<String> IN_THE_OTHERS =
            List.of("in her ", "in his ", "in their ", "inside her ", "inside his ", "inside their ");

    /** {@return what is named within the phrase, if all that stands round it is understood} */
    Optional<PhraseMeaning> meaning() {
        return phrase.length() > LONGEST
                ? Optional.empty()
                : bare().or(this::feint)
                        .or(this::failed)
                        .or(this::there)
                        .or(this::locked)
                        .or(this::outcome)
                        .or(this::by)
                        .or(this::tried)
                        .or(this::dived)
                        .or(this::toGuard)
                        .or(this::toTheMat)
                        .or(this::ended)
                        .or(this::placed);
    }

    /** The words without what is known there: the place, the role in it, "again". Where they name nothing, all is kept. */
    private Optional<PhraseMeaning> bare() {
        return known().map(words -> parts.read(words, became))
                .filter(said -> said.how().isPresent());
    }

    private Optional<String> known() {
        String lower = phrase.toLowerCase(Locale.ROOT);
        for (String again : AGAIN) {
            if (lower.endsWith(again)) {
                return Optional.of(phrase.substring(0, phrase.length() - again.length()));
            }
        }
        for (String before : List.of("standing ", "mounted ")) {
            if (lower.startsWith(before) && isHere(before.equals("mounted ") ? "mount" : "standing")) {
                return Optional.of(phrase.substring(before.length()));
            }
        }
        if (lower.endsWith(" standing") && isHere("standing")) {
            return Optional.of(phrase.substring(0, phrase.length() - " standing".length()));
        }
        for (String from : FROM) {
            int at = lower.lastIndexOf(from);
            if (at > 0 && isHere(lower.substring(at + from.length()))) {
                return Optional.of(phrase.substring(0, at));
            }
        }
        return Optional.empty();
    }

    private boolean isHere(String place) {
        Here here = scene.by(actor);
        if (ON_TOP.contains(place) || UNDERNEATH.contains(place)) {
            return here.role() == (ON_TOP.contains(place) ? Role.TOP : Role.BOTTOM);
        }
        if (place.equals("guard") || place.equals("standing")) {
            Family family = place.equals("guard") ? Family.GUARD : Family.STANDING;
            return here.position().family() == family;
        }
        return lexicon.place(place)
                .filter(named -> named.equals(here.position())
                        || named.family() == here.position().family() && ONE_NAME.contains(named.family()))
                .isPresent();
    }

    /** "Fakes the knee cut" and "toreando fake": what was only shown, so that the other moves. */
    private Optional<PhraseMeaning> feint() {
        String[] first = phrase.strip().split("\\s+", 2);
        int last = phrase.lastIndexOf(' ');
        Optional<String> shown = first.length == 2 && FEINTS.contains(first[0].toLowerCase(Locale.ROOT))
                ? Optional.of(first[1])
                : Optional.of(phrase)
                        .filter(any -> last > 0
                                && FEINT.contains(any.substring(last + 1).toLowerCase(Locale.ROOT)))
                        .map(any -> any.substring(0, last));
        return shown.map(act -> parts.read(act, Optional.of(Became.SHOWN)))
                .filter(said -> technique(said).isPresent())
                .map(said -> said.with(said.settled(), said.manner().feinted()));
    }

    /** "Can't pass", "fails to finish the choke": it was tried. "Doesn't pass" is not that. */
    private Optional<PhraseMeaning> failed() {
        Matcher not = NOT_DONE.matcher(Words.plain(phrase));
        if (!not.matches()) {
            return Optional.empty();
        }
        PhraseMeaning tried = parts.read(not.group(1), Optional.of(Became.FAILED));
        return technique(tried)
                .map(technique -> technique.kind() == Kind.GRIP ? Became.DENIED : Became.FAILED)
                .map(told -> tried.with(tried.settled(), MannerTold.of(told)));
    }

    /** "Is in side control": where somebody is told to be, she has come to. */
    private Optional<PhraseMeaning> there() {
        Matcher there = THERE.matcher(Words.plain(phrase));
        return there.matches() && actor.isPresent()
                ? Optional.of(parts.read("lands in " + there.group(1), became))
                        .filter(said -> said.deed().onlyPlace())
                        .map(said -> isHeldThere(said) ? underneath(said) : said)
                : stuck();
    }

    /** "Is stuck under side control": in a guard either of the two may be. */
    private Optional<PhraseMeaning> stuck() {
        Matcher stuck = STUCK.matcher(Words.plain(phrase));
        return stuck.matches() && actor.isPresent()
                ? Optional.of(parts.read("lands in " + stuck.group(1), became))
                        .filter(said -> said.deed().onlyPlace())
                        .map(said -> place(said).family().isGuard() ? said : underneath(said))
                : Optional.empty();
    }

    /** Whoever "is in an armbar" is caught in it, and who is underneath stays so where nothing has changed. */
    private boolean isHeldThere(PhraseMeaning said) {
        Here here = scene.by(actor);
        return place(said).family() == Family.FINISH
                || here.role() == Role.BOTTOM && place(said).equals(here.position());
    }

    private PhraseMeaning underneath(PhraseMeaning said) {
        Optional<Seat> top = actor.map(Seat::other).filter(seat -> place(said).hasTop());
        return said.with(said.settled().map(settled -> new Settled(settled.position(), top, false)), said.manner());
    }

    private Position place(PhraseMeaning said) {
        return said.settled()
                .flatMap(settled -> lexicon.position(settled.position()))
                .orElseThrow();
    }

    /** "Locks the triangle", "sinks in the choke": how far a submission got. */
    private Optional<PhraseMeaning> locked() {
        Matcher locks = LOCKS.matcher(phrase.strip());
        return locks.matches()
                ? Optional.of(parts.read(locks.group(1), became))
                        .filter(said -> technique(said)
                                .filter(lock -> lock.kind() == Kind.SUBMISSION)
                                .isPresent())
                        .map(said -> said.with(said.settled(), MannerTold.LOCKED))
                : Optional.empty();
    }

    /** "Loses the underhook": the name behind a verb that says what became of it. */
    private Optional<PhraseMeaning> outcome() {
        return OutcomeVerb.in(phrase).flatMap(verb -> {
            PhraseMeaning named =
                    parts.read(verb.named(), Optional.of(verb.became().get(0)));
            return technique(named).flatMap(verb::of).map(told -> named.with(named.settled(), MannerTold.of(told)));
        });
    }

    /** "Passes with a knee cut", "takes her down by a single leg": what kind of thing was done, and by what of that kind. */
    private Optional<PhraseMeaning> by() {
        Matcher by = BY.matcher(phrase.strip());
        if (!by.matches()) {
            return Optional.empty();
        }
        Optional<Kind> kind = SUBMITS.matcher(by.group(1)).matches()
                ? Optional.of(Kind.SUBMISSION)
                : technique(parts.read(by.group(1), became))
                        .filter(Technique::generic)
                        .map(Technique::kind);
        return kind.flatMap(of -> Stream.of(by.group(2), by.group(2) + " " + of.label())
                .map(named -> parts.read(named, became))
                .filter(said ->
                        technique(said).filter(way -> isMoreThan(of, way)).isPresent())
                .findFirst());
    }

    /** "Passes with a", of which the rest is still to come, is no more than a pass. */
    private boolean isMoreThan(Kind kind, Technique way) {
        return way.kind() == kind
                && lexicon.generalOf(List.of(way)).filter(way::equals).isEmpty();
    }

    /** "Falls back for the ankle lock", "spins to the armbar": what somebody goes there for is tried, however she gets there. */
    private Optional<PhraseMeaning> tried() {
        Matcher tried = TRIED.matcher(phrase.strip());
        return tried.matches()
                ? Optional.of(parts.read(tried.group(1), became)).filter(said -> technique(said)
                        .filter(lock -> lock.kind() == Kind.SUBMISSION)
                        .isPresent())
                : Optional.empty();
    }

    /** "Dives under for the deep half": of a guard it tells where one has gone. */
    private Optional<PhraseMeaning> dived() {
        Matcher dives = DIVES.matcher(phrase.strip());
        return dives.matches()
                        && lexicon.place(dives.group(1))
                                .filter(place -> place.family().isGuard())
                                .isPresent()
                ? Optional.of(parts.read("goes to " + dives.group(1), became))
                : Optional.empty();
    }

    /** "Shrimps back to guard", "rolls through to guard": whoever was not in it any more has it again, and pulls nobody into it. */
    private Optional<PhraseMeaning> toGuard() {
        boolean under = scene.by(actor).role() == Role.BOTTOM;
        return under && TO_GUARD.matcher(phrase.strip()).matches() && !phrase.equals(TO_GUARD_AGAIN)
                ? Optional.of(parts.read(TO_GUARD_AGAIN, became))
                : Optional.empty();
    }

    /** "Trips her to the mat". */
    private Optional<PhraseMeaning> toTheMat() {
        Matcher thrown = TO_THE_MAT.matcher(phrase.strip());
        return thrown.matches()
                ? Optional.of(parts.read(thrown.group(1), became))
                        .filter(said -> technique(said)
                                .filter(throwing -> throwing.kind() == Kind.TAKEDOWN)
                                .isPresent())
                        .map(said -> said.with(said.settled(), MannerTold.of(Became.HELD)))
                : Optional.empty();
    }

    /** "Passes to side control", "sweeps to mount": what was done, and where it ended. Not of what came to nothing. */
    private Optional<PhraseMeaning> ended() {
        boolean failed = became.filter(told -> !told.isSuccess()).isPresent();
        if (actor.isEmpty() || failed) {
            return Optional.empty();
        }
        for (String to : TO) {
            int at = phrase.toLowerCase(Locale.ROOT).lastIndexOf(to);
            Optional<Position> place = at > 0 ? place(phrase.substring(at + to.length())) : Optional.empty();
            if (place.filter(this::isNoAttack).isPresent()
                    && !THEN.matcher(phrase.substring(0, at)).find()
                    && !OWN_SIDE.matcher(phrase.substring(at + to.length())).matches()) {
                return ended(phrase.substring(0, at), place.get(), actor.get());
            }
        }
        return finishedIn();
    }

    /** "To guard" says no more than which guard is the plainest. */
    private Optional<Position> place(String words) {
        return lexicon.place(words)
                .or(() -> ANY_GUARD.matcher(words).matches()
                        ? Optional.of(lexicon.place(Meaning.PLAIN_GUARD))
                        : Optional.empty())
                .or(() -> ON_THE_FEET.matcher(words).matches()
                        ? Optional.of(lexicon.place(Meaning.STANDING))
                        : Optional.empty());
    }

    /** "Finishes the pass in mount", and of a takedown also without the verb: "passes in half guard" tells where it began. */
    private Optional<PhraseMeaning> finishedIn() {
        Matcher in = IN.matcher(phrase.strip());
        Optional<Position> place =
                in.matches() ? lexicon.place(in.group(2)).filter(this::isNoAttack) : Optional.empty();
        boolean finished = became.filter(Became::isSuccess).isPresent();
        boolean standing = scene.by(actor).position().family() == Family.STANDING;
        return place.filter(ground -> finished || standing && ground.family() != Family.STANDING)
                .flatMap(ground -> ended(in.group(1), ground, actor.orElseThrow()))
                .filter(said -> finished
                        || technique(said)
                                .filter(done -> done.kind() == Kind.TAKEDOWN)
                                .isPresent());
    }

    /** "Hip bump to kimura" is one act after another, and "to the triangle position" a place. */
    private boolean isNoAttack(Position place) {
        return place.family() != Family.FINISH
                || phrase.toLowerCase(Locale.ROOT).endsWith(" position");
    }

    private Optional<PhraseMeaning> ended(String act, Position place, Seat seat) {
        if (Naming.isLight(act)
                || MOVED.matcher(act.strip()).matches()
                || WALKED.matcher(act.strip()).matches()
                        && scene.by(actor).role() == Role.TOP
                        && !scene.by(actor).position().family().isGuard()
                || RETURNS.matcher(act.strip()).matches()) {
            // "Switches to three quarter mount": whoever is on top stays there; but nobody attacks from where one drops
            // to turtle.
            boolean top = !place.means(Meaning.TURTLE)
                    && (scene.by(actor).role() == Role.TOP || !place.family().isGuard());
            return Optional.of(PhraseMeaning.reached(place, top ? seat : seat.other()));
        }
        PhraseMeaning straight = parts.read(act, became);
        // "Granby rolls back to guard" goes by no other way than "granby rolls to guard".
        Matcher back = AND_BACK.matcher(act);
        PhraseMeaning done = endingThere(
                technique(straight).isEmpty() && back.matches() ? parts.read(back.group(1), became) : straight, place);
        // Who cuts "into the knee shield" meets it; who passes "into half guard" has come so far.
        boolean meets =
                place.family().isGuard() && phrase.toLowerCase(Locale.ROOT).startsWith(" into the ", act.length());
        return technique(done)
                .filter(technique -> !meets || technique.kind() != Kind.PASS)
                .filter(technique ->
                        !technique.kind().movesNobody() && !technique.to().isEmpty())
                .filter(technique -> technique.kind() != Kind.TRANSITION || isOfItsEnds(technique, place))
                .flatMap(technique -> where(place, technique, seat))
                .map(where -> done.with(Optional.of(where), MannerTold.of(Became.HELD)));
    }

    /** Who goes to north-south and back to side control has gone there twice. */
    private boolean isOfItsEnds(Technique transition, Position place) {
        return transition.to().stream()
                .flatMap(key -> lexicon.position(key).stream())
                .anyMatch(end ->
                        end.equals(place) || end.family() == place.family() && ONE_NAME.contains(place.family()));
    }

    /** {@return of several acts the one that ends in that place: "slices through to side control" is a knee cut, and no entry to one} */
    private PhraseMeaning endingThere(PhraseMeaning said, Position place) {
        List<Technique> there = said.others().stream()
                .flatMap(term -> term.asTechnique().stream())
                .filter(technique -> said.unclear() && technique.to().contains(place.key()))
                .toList();
        return there.size() == 1 ? PhraseMeaning.done(there.get(0).key(), Naming.How.FORM) : said;
    }

    /** {@return that place as the technique ends there; empty where the technique does not say who is on top of it} */
    private static Optional<Settled> where(Position place, Technique technique, Seat actor) {
        if (place.hasTop() == (technique.ends() != Ends.NOBODY)) {
            return Optional.of(new Settled(place.key(), Whereabouts.top(technique, actor), false));
        }
        if (technique.kind() == Kind.SWEEP && place.family() == Family.STANDING) {
            return Optional.of(new Settled(place.key(), Optional.empty(), false));
        }
        // Whoever escapes to a guard or to turtle is still underneath.
        return technique.kind() == Kind.ESCAPE && place.hasTop()
                ? Optional.of(new Settled(place.key(), Optional.of(actor.other()), false))
                : Optional.empty();
    }

    private Optional<Technique> technique(PhraseMeaning said) {
        return said.deed().did().flatMap(lexicon::technique);
    }

    /** "Half guard on top", "on top in mount" and "mount underneath": a place, and where whoever is named is in it. */
    private Optional<PhraseMeaning> placed() {
        String plain = ENDS.matcher(Words.plain(phrase)).replaceFirst("");
        if (actor.isEmpty()) {
            return Optional.empty();
        }
        for (String in : IN_THE_OTHERS) {
            if (plain.startsWith(in)) {
                return lexicon.place(plain.substring(in.length()))
                        .filter(Position::hasTop)
                        .map(place -> PhraseMeaning.reached(place, actor.get()));
            }
        }
        return within(plain, ON_TOP)
                .map(place -> PhraseMeaning.reached(place, actor.get()))
                .or(() -> within(plain, UNDERNEATH)
                        .map(place -> PhraseMeaning.reached(place, actor.get().other())));
    }

    /** {@return the place of which the words say that somebody is so in it} */
    private Optional<Position> within(String plain, List<String> wheres) {
        for (String where : wheres) {
            if (plain.equals(where)) {
                return Optional.of(lexicon.place(Meaning.GROUND_NOT_TOLD));
            }
            if (plain.endsWith(" " + where)) {
                return lexicon.place(plain.substring(0, plain.length() - where.length() - 1))
                        .filter(Position::hasTop);
            }
            for (String in : WITHIN) {
                if (plain.startsWith(where + in)) {
                    return lexicon.place(plain.substring(where.length() + in.length()))
                            .filter(Position::hasTop);
                }
            }
        }
        return Optional.empty();
    }
}
