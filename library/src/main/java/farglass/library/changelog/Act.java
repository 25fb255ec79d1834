package farglass.library.changelog;

import java.util.Set;

/**
 * One thing a person did: a group of changes that stand or fall together.
 *
 * @param what it in words, as the undo menu says it
 * @param bouts ids of the bouts it touched
 * @param others whether athletes, studies or plans were touched
 */
public record Act(String id, String what, Set<String> bouts, boolean others) {
    public Act {
        bouts = Set.copyOf(bouts);
    }
}
