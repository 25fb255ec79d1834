package farglass.app;

import farglass.core.bout.BoutKind;
import farglass.core.bout.Uniform;
import farglass.core.corpus.Scope;
import farglass.core.study.Weighing;
import farglass.library.LibraryException;
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

    /** @throws LibraryException if no day lies between the two */
    Scope scope(Weighing weighing) {
        try {
            return new Scope(
                    Optional.ofNullable(from),
                    Optional.ofNullable(to),
                    Optional.ofNullable(uniform),
                    Set.copyOf(kinds),
                    weighing);
        } catch (IllegalArgumentException e) {
            throw new LibraryException(e.getMessage());
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
}
