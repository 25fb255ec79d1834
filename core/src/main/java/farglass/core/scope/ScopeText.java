package farglass.core.scope;

import farglass.core.bout.BoutKind;
import farglass.core.bout.Uniform;
import farglass.core.corpus.PartOfBout;
import farglass.core.side.Level;
import farglass.core.side.Stance;
import farglass.core.state.ScoreLine.Lead;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * A scope as one line of text, to be kept: "uniform no-gi; from 2024-01-01; stance southpaw; minutes last 2; score behind". How bouts weigh is
 * no part of it. Names may hold no semicolon or line break: such a scope is not kept.
 */
public final class ScopeText {
    private ScopeText() {}

    /** {@return the line; empty where a name in it cannot be kept} */
    public static Optional<String> write(Scope scope) {
        List<String> told = new ArrayList<>();
        Setting setting = scope.setting();
        scope.period().from().ifPresent(day -> told.add("from " + day));
        scope.period().to().ifPresent(day -> told.add("to " + day));
        setting.uniform().ifPresent(worn -> told.add("uniform " + worn.label()));
        setting.kinds().stream().sorted().forEach(kind -> told.add("kind " + kind.label()));
        setting.ruleset().ifPresent(rules -> told.add("rules " + rules));
        setting.coder().ifPresent(coder -> told.add("coder " + coder));
        setting.bout().ifPresent(id -> told.add("bout " + id));
        scope.against().stance().ifPresent(stance -> told.add("stance " + stance.label()));
        scope.against().level().ifPresent(level -> told.add("level " + level.label()));
        scope.against().like().ifPresent(ours -> told.add("like " + ours));
        scope.within()
                .minutes()
                .ifPresent(minutes ->
                        told.add("minutes %s %d".formatted(minutes.last() ? "last" : "first", minutes.many())));
        scope.within().lead().ifPresent(lead -> told.add("score " + lead.label()));
        boolean fits = told.stream().noneMatch(each -> each.matches("(?s).*[;\\r\\n].*"));
        return fits ? Optional.of(String.join("; ", told)) : Optional.empty();
    }

    /** {@return the scope of that line, its bouts all alike; empty for a line that is none} */
    public static Optional<Scope> read(String line) {
        Scope scope = Scope.ALL;
        try {
            for (String field : line.isBlank() ? new String[0] : line.split(";", -1)) {
                String[] parts = field.strip().split(" ", 2);
                if (parts.length < 2 || parts[1].isBlank()) {
                    return Optional.empty();
                }
                scope = with(scope, parts[0], parts[1].strip());
            }
        } catch (IllegalArgumentException | DateTimeParseException damaged) {
            // Whoever kept it is told that it cannot be read.
            return Optional.empty();
        }
        return Optional.of(scope);
    }

    private static Scope with(Scope scope, String key, String value) {
        Setting setting = scope.setting();
        OpponentFilter against = scope.against();
        PartOfBout within = scope.within();
        return switch (key) {
            case "from" ->
                scope.in(new Period(
                        Optional.of(LocalDate.parse(value)), scope.period().to()));
            case "to" -> scope.in(new Period(scope.period().from(), Optional.of(LocalDate.parse(value))));
            case "uniform" -> scope.in(setting.in(Optional.of(named(Uniform.values(), Uniform::label, value))));
            case "kind" -> {
                Set<BoutKind> kinds = new HashSet<>(setting.kinds());
                kinds.add(named(BoutKind.values(), BoutKind::label, value));
                yield scope.in(setting.of(kinds));
            }
            case "rules" -> scope.in(setting.under(Optional.of(value)));
            case "coder" -> scope.in(setting.toldBy(Optional.of(value)));
            case "bout" -> scope.in(setting.only(Optional.of(value)));
            case "stance" -> scope.against(against.standing(Optional.of(named(Stance.values(), Stance::label, value))));
            case "level" -> scope.against(against.ranked(Optional.of(named(Level.values(), Level::label, value))));
            case "like" -> scope.against(against.like(Optional.of(value)));
            case "minutes" -> scope.within(new PartOfBout(Optional.of(minutes(value)), within.lead()));
            case "score" ->
                scope.within(new PartOfBout(within.minutes(), Optional.of(named(Lead.values(), Lead::label, value))));
            default -> throw new IllegalArgumentException("\"%s\" is no filter.".formatted(key));
        };
    }

    /**
     * {@return such minutes: "last 2", "first 1"}
     *
     * @throws IllegalArgumentException for anything else
     */
    public static PartOfBout.Minutes minutes(String words) {
        if (!words.matches("(?:first|last) [1-9]\\d?")) {
            throw new IllegalArgumentException(
                    "\"%s\" are no minutes. Write them as \"last 2\" or \"first 1\".".formatted(words));
        }
        return new PartOfBout.Minutes(
                words.startsWith("last"), Integer.parseInt(words.substring(words.indexOf(' ') + 1)));
    }

    private static <T> T named(T[] all, Function<T, String> label, String word) {
        return Arrays.stream(all)
                .filter(each -> label.apply(each).equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("\"%s\" is none of them.".formatted(word)));
    }
}
