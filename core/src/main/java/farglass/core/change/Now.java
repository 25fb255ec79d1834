package farglass.core.change;

import farglass.core.bout.Bout;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import java.util.Optional;

/** What is in a library at the instant a change is laid onto it. */
public interface Now {
    Optional<Bout> bout(String id);

    Optional<Study> study(String id);

    /** @param study id of the camp @param opponent id of the athlete the plan is made for */
    Optional<GamePlan> plan(String study, String opponent);

    Optional<Athlete> athlete(String id);

    Optional<Athlete> athleteNamed(String name);

    /** {@return the text of that addition to the lexicon} */
    Optional<String> term(String key);

    /** {@return the text of that mapping of tables} */
    Optional<String> mapping(String id);
}
