package farglass.app.home;

import farglass.core.bout.Bout;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Rulesets;
import farglass.library.RulesetFolder;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.util.stream.Collectors;

/** The rulesets at hand for a command: the shipped ones, the user's own folder, and a file named on the line. */
public final class Rules {
    private Rules() {}

    public static Rulesets all() {
        RulesetFolder.Found found = RulesetFolder.read(Home.folder().resolve("rulesets"));
        found.problems().forEach(System.err::println);
        return found.rulesets();
    }

    /** {@return the ruleset a bout was fought under, or the one named: a name, or a file} */
    public static Ruleset of(Bout bout, String named) {
        if (named != null && named.endsWith(RulesetFolder.ENDING)) {
            return RulesetFolder.file(Path.of(named));
        }
        String name = named == null ? bout.header().ruleset() : named;
        Rulesets all = all();
        return all.named(name)
                .orElseThrow(() -> new LibraryException(
                        "There is no ruleset \"%s\". Known are: %s. Name one with --under, or put its file into %s."
                                .formatted(
                                        name,
                                        all.all().stream().map(Ruleset::name).collect(Collectors.joining(", ")),
                                        Home.folder().resolve("rulesets"))));
    }
}
