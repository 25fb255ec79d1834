package farglass.core.scope;

import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Header;
import farglass.core.bout.Uniform;
import java.util.Optional;
import java.util.Set;

/**
 * Under what bouts were fought, and by whom they were told.
 *
 * @param uniform empty for any
 * @param kinds empty for all
 * @param ruleset name of the rules; empty for any
 * @param coder who told it; empty for anybody
 * @param bout the id of the only one that is looked at; empty for all
 */
public record Setting(
        Optional<Uniform> uniform,
        Set<BoutKind> kinds,
        Optional<String> ruleset,
        Optional<String> coder,
        Optional<String> bout) {
    public static final Setting ANY =
            new Setting(Optional.empty(), Set.of(), Optional.empty(), Optional.empty(), Optional.empty());

    public Setting {
        kinds = Set.copyOf(kinds);
    }

    public Setting in(Optional<Uniform> worn) {
        return new Setting(worn, kinds, ruleset, coder, bout);
    }

    public Setting of(Set<BoutKind> only) {
        return new Setting(uniform, only, ruleset, coder, bout);
    }

    public Setting under(Optional<String> rules) {
        return new Setting(uniform, kinds, rules, coder, bout);
    }

    public Setting toldBy(Optional<String> person) {
        return new Setting(uniform, kinds, ruleset, person, bout);
    }

    public Setting only(Optional<String> id) {
        return new Setting(uniform, kinds, ruleset, coder, id);
    }

    boolean holds(Bout asked) {
        Header header = asked.header();
        return bout.map(id -> id.equals(asked.id())).orElse(true)
                && uniform.map(worn -> worn == header.uniform()).orElse(true)
                && (kinds.isEmpty() || kinds.contains(header.kind()))
                && ruleset.map(rules -> rules.equals(header.ruleset())).orElse(true)
                && coder.map(person -> header.coders().contains(person)).orElse(true);
    }
}
