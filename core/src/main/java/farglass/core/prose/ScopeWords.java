package farglass.core.prose;

import farglass.core.bout.Uniform;
import farglass.core.corpus.PartOfBout;
import farglass.core.scope.OpponentFilter;
import farglass.core.scope.Period;
import farglass.core.scope.Scope;
import farglass.core.scope.Setting;
import farglass.core.side.Stance;
import farglass.core.state.ScoreLine.Lead;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Which bouts are looked at, in the words of one sentence. */
public final class ScopeWords {
    private ScopeWords() {}

    /** {@return what the scope leaves out, in words; none for every bout from end to end} */
    public static List<String> of(Scope scope) {
        Setting setting = scope.setting();
        return Stream.of(
                        setting.uniform().map(worn -> worn(Optional.of(worn))),
                        Optional.of(days(scope.period()))
                                .filter(words -> !scope.period().equals(Period.ALL)),
                        Optional.of(kinds(setting))
                                .filter(words -> !setting.kinds().isEmpty()),
                        setting.ruleset().map(rules -> rules(Optional.of(rules))),
                        Optional.of(against(scope.against()))
                                .filter(words -> !scope.against().equals(OpponentFilter.ANYBODY)),
                        Optional.of(within(scope.within()))
                                .filter(words -> !scope.within().isWhole()),
                        setting.coder().map(coder -> coder(Optional.of(coder))),
                        setting.bout().map("only the bout %s"::formatted))
                .flatMap(Optional::stream)
                .toList();
    }

    public static String worn(Optional<Uniform> uniform) {
        return uniform.map(worn -> worn == Uniform.GI ? "in the gi" : "without the gi")
                .orElse("gi or not");
    }

    /** {@return "since 2024" where the first day is a new year's, else the days themselves} */
    public static String days(Period period) {
        String since = period.from()
                .map(day -> day.getDayOfYear() == 1 ? "since " + day.getYear() : "since " + day)
                .orElse("");
        String until = period.to().map(day -> "until " + day).orElse("");
        String both = (since + " " + until).strip();
        return both.isEmpty() ? "all years" : both;
    }

    public static String kinds(Setting setting) {
        return setting.kinds().isEmpty()
                ? "every kind of bout"
                : setting.kinds().stream().sorted().map(kind -> kind.label()).collect(Collectors.joining(" and "))
                        + " only";
    }

    public static String rules(Optional<String> ruleset) {
        return ruleset.map(name -> "under " + name.replace('-', ' ')).orElse("any rules");
    }

    public static String against(OpponentFilter against) {
        Stream<Optional<String>> whom = Stream.of(
                against.stance().map(stance -> stance == Stance.SOUTHPAW ? "southpaws" : "orthodox stances"),
                against.level().map(level -> level.label() + " belts"),
                against.like().map(ours -> "those like " + ours));
        String all = whom.flatMap(Optional::stream).collect(Collectors.joining(", "));
        return "against " + (all.isEmpty() ? "anybody" : all);
    }

    public static String within(PartOfBout within) {
        Stream<Optional<String>> parts = Stream.of(
                within.minutes().map(PartOfBout.Minutes::words),
                within.lead().map(lead -> lead == Lead.LEVEL ? "at a level score" : lead.label()));
        String all = parts.flatMap(Optional::stream).collect(Collectors.joining(", "));
        return all.isEmpty() ? "from end to end" : all;
    }

    public static String coder(Optional<String> coder) {
        return coder.map(name -> "told by " + name).orElse("told by anybody");
    }
}
