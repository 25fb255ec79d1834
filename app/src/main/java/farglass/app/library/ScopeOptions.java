package farglass.app.library;

import farglass.core.bout.BoutKind;
import farglass.core.bout.Uniform;
import farglass.core.corpus.PartOfBout;
import farglass.core.scope.OpponentFilter;
import farglass.core.scope.Period;
import farglass.core.scope.Scope;
import farglass.core.scope.ScopeText;
import farglass.core.scope.Setting;
import farglass.core.side.Level;
import farglass.core.side.Stance;
import farglass.core.state.ScoreLine.Lead;
import farglass.core.study.Athlete;
import farglass.core.study.Weighing;
import farglass.library.contents.Contents;
import farglass.library.store.LibraryException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.Option;
import picocli.CommandLine.TypeConversionException;

/** Which of an athlete's bouts are looked at, as options. */
final class ScopeOptions {
    @Option(
            names = "--from",
            paramLabel = "DAY",
            converter = Day.class,
            description = "only bouts of that day, such as 2026-03-01, or later")
    private LocalDate from;

    @Option(
            names = "--to",
            paramLabel = "DAY",
            converter = Day.class,
            description = "only bouts of that day or earlier")
    private LocalDate to;

    @Option(
            names = "--uniform",
            paramLabel = "WORN",
            converter = Worn.class,
            description = "only bouts in gi, or no-gi")
    private Uniform uniform;

    @Option(
            names = "--kind",
            paramLabel = "KIND",
            split = ",",
            converter = Sort.class,
            description = "only bouts of these kinds: competition, sparring, positional, training")
    private List<BoutKind> kinds = List.of();

    @Option(names = "--rules", paramLabel = "NAME", description = "only bouts under these rules")
    private String rules;

    @Option(names = "--coder", paramLabel = "NAME", description = "only bouts that this person told")
    private String coder;

    @Option(names = "--bout", paramLabel = "ID", description = "only this bout")
    private String bout;

    @Option(
            names = "--stance",
            paramLabel = "STANCE",
            converter = Stands.class,
            description = "only against orthodox, or southpaw")
    private Stance stance;

    @Option(names = "--level", paramLabel = "BELT", converter = Belt.class, description = "only against that belt")
    private Level level;

    @Option(
            names = "--like",
            paramLabel = "NAME",
            description = "only against those like this athlete: near in belt, weight and height, and beginning alike")
    private String like;

    @Option(
            names = "--minutes",
            paramLabel = "WHICH",
            converter = Part.class,
            description = "only these minutes of each bout, such as \"last 2\" or \"first 1\"")
    private PartOfBout.Minutes minutes;

    @Option(
            names = "--score",
            paramLabel = "HOW",
            converter = Score.class,
            description = "only while the athlete was ahead, level or behind")
    private Lead lead;

    /** @throws LibraryException if no day lies between the two, or nobody is called as the one whom the others should be like */
    Scope scope(Contents contents, Weighing weighing) {
        if (like != null && contents.athleteNamed(like).isEmpty()) {
            throw new LibraryException("There is no athlete named %s whom the others could be like. Known are: %s."
                    .formatted(like, names(contents)));
        }
        if (bout != null && contents.bout(bout).isEmpty()) {
            throw new LibraryException("There is no bout %s in this library.".formatted(bout));
        }
        try {
            return new Scope(
                    new Period(Optional.ofNullable(from), Optional.ofNullable(to)),
                    new Setting(
                            Optional.ofNullable(uniform),
                            Set.copyOf(kinds),
                            Optional.ofNullable(rules),
                            Optional.ofNullable(coder),
                            Optional.ofNullable(bout)),
                    new OpponentFilter(
                            Optional.ofNullable(stance), Optional.ofNullable(level), Optional.ofNullable(like)),
                    new PartOfBout(Optional.ofNullable(minutes), Optional.ofNullable(lead)),
                    weighing);
        } catch (IllegalArgumentException e) {
            throw new LibraryException(e.getMessage());
        }
    }

    private static final class Stands implements ITypeConverter<Stance> {
        @Override
        public Stance convert(String text) {
            return named(text, Stance.values(), Stance::label);
        }
    }

    private static final class Belt implements ITypeConverter<Level> {
        @Override
        public Level convert(String text) {
            return named(text, Level.values(), Level::label);
        }
    }

    private static final class Score implements ITypeConverter<Lead> {
        @Override
        public Lead convert(String text) {
            return named(text, Lead.values(), Lead::label);
        }
    }

    private static final class Part implements ITypeConverter<PartOfBout.Minutes> {
        @Override
        public PartOfBout.Minutes convert(String text) {
            try {
                return ScopeText.minutes(text);
            } catch (IllegalArgumentException e) {
                throw new TypeConversionException(e.getMessage());
            }
        }
    }

    private static final class Day implements ITypeConverter<LocalDate> {
        @Override
        public LocalDate convert(String text) {
            try {
                return LocalDate.parse(text);
            } catch (DateTimeParseException e) {
                throw new TypeConversionException("\"%s\" is no day. Write it as 2026-03-01.".formatted(text));
            }
        }
    }

    private static final class Worn implements ITypeConverter<Uniform> {
        @Override
        public Uniform convert(String text) {
            return named(text, Uniform.values(), Uniform::label);
        }
    }

    private static final class Sort implements ITypeConverter<BoutKind> {
        @Override
        public BoutKind convert(String text) {
            return named(text, BoutKind.values(), BoutKind::label);
        }
    }

    private static <T> T named(String text, T[] all, Function<T, String> label) {
        return Arrays.stream(all)
                .filter(each -> label.apply(each).equals(text))
                .findFirst()
                .orElseThrow(() -> new TypeConversionException("\"%s\" is none of %s."
                        .formatted(text, Arrays.stream(all).map(label).collect(Collectors.joining(", ")))));
    }

    static String names(Contents contents) {
        return contents.athletes().stream().map(Athlete::name).collect(Collectors.joining(", "));
    }
}
