package farglass.core.pass;

import farglass.core.corpus.Corpus;
import farglass.core.estimate.Choices;
import farglass.core.estimate.OptionsTaken;
import farglass.core.estimate.Prior;
import farglass.core.estimate.Share;
import farglass.core.estimate.Shares;
import farglass.core.plan.UsualAnswers;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a study still has to learn of answers. How an athlete answers an attack is settled once the interval that holds the share of her usual
 * answer with a probability of 80 % is at most twenty points wide; until then an answers pass asks about it. Only answers that a person
 * linked count.
 */
final class AnswerNeeds {
    /** Half the width of the 80 % interval at which a question is settled. */
    static final double SETTLED_WITHIN = 0.10;

    private static final String USUAL = "usual";
    private static final Prior WEAK = Prior.weak(0.5);

    private AnswerNeeds() {}

    /** {@return keys of the attacks whose usual answer by these athletes is settled} Linear in the moments. */
    static Set<String> settled(Collection<String> athletes, Corpus corpus) {
        Set<String> settled = new HashSet<>();
        Map<String, List<Share>> shares = new HashMap<>();
        for (String athlete : athletes) {
            for (UsualAnswers.Attacked attacked : UsualAnswers.to(athlete, corpus)) {
                confirmed(attacked)
                        .ifPresent(share -> shares.computeIfAbsent(attacked.attack(), any -> new ArrayList<>())
                                .add(share));
            }
        }
        shares.forEach((attack, each) -> {
            if (each.stream().allMatch(share -> (share.high80() - share.low80()) / 2 <= SETTLED_WITHIN)) {
                settled.add(attack);
            }
        });
        return settled;
    }

    /** Only what a person linked counts: what merely followed settles nothing. */
    private static Optional<Share> confirmed(UsualAnswers.Attacked attacked) {
        int chances =
                attacked.replies().stream().mapToInt(UsualAnswers.Reply::linked).sum();
        int usual = attacked.replies().stream()
                .mapToInt(UsualAnswers.Reply::linked)
                .max()
                .orElse(0);
        return chances == 0
                ? Optional.empty()
                : Optional.of(Shares.yesOrNo(
                        Choices.alike(List.of(new OptionsTaken(Map.of(USUAL, usual), chances))), USUAL, WEAK, 0));
    }
}
