package farglass.core.change;

import farglass.core.bout.Bout;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/**
 * Something to be changed in a library. It holds what was seen when somebody decided on it, so that what others changed meanwhile is
 * neither lost nor silently undone.
 */
public sealed interface Change {
    /** {@return what is to be written, or why nothing may be} Changes nothing by itself. @param now what is in the library at that instant */
    Outcome<Change> onto(Now now);

    <R> R match(Cases<R> cases);

    /** One answer for each kind of change. */
    record Cases<R>(
            Function<OfBout, R> bout,
            Function<OfStudy, R> study,
            Function<OfPlan, R> plan,
            Function<OfAthlete, R> athlete,
            Function<OfTerm, R> term,
            Function<OfMapping, R> mapping,
            Function<OfToday, R> today) {}

    /** {@return the adding of a bout that nobody has yet} */
    static Change added(Bout bout) {
        return new OfBout(bout.id(), Optional.empty(), Optional.of(bout));
    }

    /** {@return the change from one version of a bout to another, which has the same id} */
    static Change of(Bout saw, Bout wanted) {
        return new OfBout(saw.id(), Optional.of(saw), Optional.of(wanted));
    }

    static Change removed(Bout saw) {
        return new OfBout(saw.id(), Optional.of(saw), Optional.empty());
    }

    static Change added(Study study) {
        return new OfStudy(study.id(), Optional.empty(), Optional.of(study));
    }

    static Change of(Study saw, Study wanted) {
        return new OfStudy(saw.id(), Optional.of(saw), Optional.of(wanted));
    }

    /** {@return the taking out of a study with its plans} */
    static Change removed(Study saw) {
        return new OfStudy(saw.id(), Optional.of(saw), Optional.empty());
    }

    static Change added(Athlete athlete) {
        return new OfAthlete(Optional.empty(), athlete);
    }

    /** A bout with all that is told of it; empty for none. */
    record OfBout(String id, Optional<Bout> saw, Optional<Bout> wanted) implements Change {
        @Override
        public Outcome<Change> onto(Now now) {
            return ThreeWay.laid(saw, now.bout(id), wanted, "the bout").map(laid -> new OfBout(id, saw, laid));
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.bout().apply(this);
        }
    }

    /** A study or camp; empty for none. */
    record OfStudy(String id, Optional<Study> saw, Optional<Study> wanted) implements Change {
        @Override
        public Outcome<Change> onto(Now now) {
            return ThreeWay.laid(saw, now.study(id), wanted, "the study").map(laid -> new OfStudy(id, saw, laid));
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.study().apply(this);
        }
    }

    /** The plan against one opponent of a camp; one without lines is none yet. */
    record OfPlan(GamePlan saw, GamePlan wanted) implements Change {
        @Override
        public Outcome<Change> onto(Now now) {
            if (now.study(wanted.study()).isEmpty()) {
                return new Outcome.Refused<>(
                        "Nothing was saved: the camp of this plan was taken out meanwhile. Undo that, or begin the camp again.");
            }
            // Two windows may each have begun the plan, under ids of their own: the one that is there has the id.
            Optional<GamePlan> there = now.plan(wanted.study(), wanted.opponent());
            String id = there.map(GamePlan::id).orElse(wanted.id());
            return ThreeWay.laid(
                            Optional.of(saw.under(id)),
                            there.or(() -> saw.isEmpty() ? Optional.of(saw.under(id)) : Optional.empty()),
                            Optional.of(wanted.under(id)),
                            "the plan")
                    .map(laid -> new OfPlan(saw, laid.orElseThrow()));
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.plan().apply(this);
        }
    }

    /** An athlete, new or with a corrected name. */
    record OfAthlete(Optional<Athlete> saw, Athlete wanted) implements Change {
        @Override
        public Outcome<Change> onto(Now now) {
            Optional<Athlete> named = now.athleteNamed(wanted.name());
            if (named.filter(other -> !other.id().equals(wanted.id())).isPresent()) {
                return new Outcome.Refused<>("Nothing was saved: there is an athlete named %s in the library already."
                        .formatted(wanted.name()));
            }
            return ThreeWay.laid(saw, now.athlete(wanted.id()), Optional.of(wanted), "the athlete")
                    .map(laid -> new OfAthlete(saw, laid.orElseThrow()));
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.athlete().apply(this);
        }
    }

    /** An addition to the lexicon of a library, as its text; empty for none. */
    record OfTerm(String key, Optional<String> saw, Optional<String> wanted) implements Change {
        @Override
        public Outcome<Change> onto(Now now) {
            return ThreeWay.laid(saw, now.term(key), wanted, "the word").map(laid -> new OfTerm(key, saw, laid));
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.term().apply(this);
        }
    }

    /** How the tables of somebody are read, kept under a name. */
    record OfMapping(String id, String name, Optional<String> saw, String wanted) implements Change {
        @Override
        public Outcome<Change> onto(Now now) {
            return ThreeWay.laid(saw, now.mapping(id), Optional.of(wanted), "the mapping " + name)
                    .map(laid -> new OfMapping(id, name, saw, laid.orElseThrow()));
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.mapping().apply(this);
        }
    }

    /** The day that a library of made-up bouts takes for today. It is said once, when the library is laid. */
    record OfToday(LocalDate day) implements Change {
        public OfToday {
            Objects.requireNonNull(day);
        }

        @Override
        public Outcome<Change> onto(Now now) {
            return new Outcome.Laid<>(this);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.today().apply(this);
        }
    }
}
