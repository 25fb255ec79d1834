package farglass.core.scribe;

import farglass.core.naming.Naming;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What a typed line means, and how sure that is: everything guessed, mended or left open is told before it is saved.
 *
 * @param proposal what Enter would save
 * @param how how its name was understood; empty where words were kept as they stand, or where nothing is named
 * @param remarks what a person should know before saving it, in sentences; none for most lines
 * @param offers works out the alternatives
 */
public record Reading(
        Proposal proposal, Optional<Naming.How> how, List<String> remarks, Supplier<List<Alternative>> offers) {
    /**
     * Another reading.
     *
     * @param label as people read it
     * @param text the line that says just this
     * @param why it is offered, in a few words
     */
    public record Alternative(String label, String text, String why) {}

    public Reading {
        remarks = List.copyOf(remarks);
    }

    /**
     * {@return what else the line could say, the likeliest first} Worked out when it is asked for: of words that name nothing it takes
     * longer than all else, and a line is read in many ways of which one is shown.
     */
    public List<Alternative> alternatives() {
        return offers.get();
    }

    /** {@return whether it says what happened, and is neither kept as words nor a bare mark} */
    public boolean isUnderstood() {
        return !proposal.deed().unnamed().isPresent() && !proposal.deed().onlyTime();
    }

    /** {@return whether it says what happened in words of their own, of which nothing had to be finished or mended} */
    boolean isSure() {
        return isUnderstood()
                && how.filter(how -> how == Naming.How.WRITTEN || how == Naming.How.FORM)
                        .isPresent();
    }
}
