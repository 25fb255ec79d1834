package farglass.core.simulate;

import farglass.core.Spelling;
import farglass.core.bout.Uniform;
import farglass.core.entry.Control;
import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.simulate.sheet.GameSheet;
import farglass.core.simulate.sheet.Option;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What each of the two can do where they are: as the sheets say, and as far as the sport and the uniform allow. */
final class Repertoire {
    private final GameSheet[] sheets;
    private final Uniform uniform;
    private final Lexicon lexicon;
    private final List<RareMoves> rare;
    /** What is possible somewhere is so all bout long. */
    private final Map<There, List<Option>> known = new HashMap<>();

    /** By seat. */
    private final List<Map<Kind, Double>> habits;

    Repertoire(GameSheet[] sheets, Uniform uniform, Lexicon lexicon) {
        this.sheets = sheets.clone();
        this.uniform = uniform;
        this.lexicon = lexicon;
        this.rare = Stream.of(sheets)
                .map(sheet -> RareMoves.of(sheet.name(), uniform))
                .toList();
        this.habits = Stream.of(sheets).map(this::habits).toList();
    }

    private record There(Seat seat, Position position, Role role) {}

    boolean possible(Mat mat, String technique, Seat seat) {
        return lexicon.technique(technique)
                .filter(found -> uniform == Uniform.GI || !found.cloth())
                .filter(found -> found.canStart(mat.position(), mat.roleOf(seat)))
                .isPresent();
    }

    /** {@return how this athlete does a technique: as her sheet says wherever it says it} */
    Option option(Seat seat, String technique) {
        return written(seat, technique)
                .orElseGet(() -> new Option(
                        technique,
                        1,
                        Assumptions.shipped()
                                .works(lexicon.technique(technique)
                                        .orElseThrow()
                                        .kind()),
                        Optional.of(0.5),
                        Optional.empty(),
                        Optional.empty()));
    }

    private Optional<Option> written(Seat seat, String technique) {
        return Optional.ofNullable(sheets[seat.ordinal()].known().get(technique));
    }

    /** {@return whether it is a limb put somewhere, which stays there} */
    boolean isPlaced(String technique) {
        Kind kind = lexicon.technique(technique).orElseThrow().kind();
        return kind == Kind.PLACEMENT || kind == Kind.HOLD;
    }

    /** {@return how the sheets name all techniques of the kind of that one} */
    String kind(String technique) {
        Kind kind = lexicon.technique(technique).orElseThrow().kind();
        return "=" + Spelling.of(kind);
    }

    private static String role(Mat mat, Seat seat) {
        return mat.roleOf(seat).name().toLowerCase(Locale.ROOT);
    }

    /** {@return what is possible there: what the sheet writes, and what she does now and then} */
    List<Option> options(Mat mat, Seat seat) {
        return known.computeIfAbsent(new There(seat, mat.position(), mat.roleOf(seat)), there -> possible(mat, seat));
    }

    private List<Option> possible(Mat mat, Seat seat) {
        List<Option> written = written(mat, seat);
        List<Option> options = new ArrayList<>();
        for (Option option : written) {
            if (option.only().filter(only -> only != uniform).isEmpty() && possible(mat, option.technique(), seat)) {
                options.add(option);
            }
        }
        double weight = written.stream().mapToDouble(Option::weight).sum();
        for (Option option : rare.get(seat.ordinal()).at(mat.position(), mat.roleOf(seat), weight)) {
            // What her sheet knows she does in her own way wherever she does it.
            options.add(written(seat, option.technique())
                    .map(known -> new Option(
                            known.technique(),
                            option.weight(),
                            known.success(),
                            known.left(),
                            known.line(),
                            known.only()))
                    .orElseGet(() -> sided(seat, option)));
        }
        options.removeIf(option -> leavesAlone(seat, option.technique()));
        return options;
    }

    /** A submission at what her sheet leaves alone. */
    private boolean leavesAlone(Seat seat, String technique) {
        return lexicon.technique(technique)
                .flatMap(Technique::target)
                .filter(sheets[seat.ordinal()].alone()::contains)
                .isPresent();
    }

    /** Who goes to one side with what she does often goes there with the rest of its kind too. */
    private Option sided(Seat seat, Option option) {
        Kind kind = lexicon.technique(option.technique()).orElseThrow().kind();
        Double habit = habits.get(seat.ordinal()).get(kind);
        return option.left().isEmpty() || habit == null
                ? option
                : new Option(
                        option.technique(),
                        option.weight(),
                        option.success(),
                        Optional.of(habit),
                        option.line(),
                        option.only());
    }

    /** How often to the left, by kind, over everything the sheet writes. */
    private Map<Kind, Double> habits(GameSheet sheet) {
        Map<Kind, Double> weights = new EnumMap<>(Kind.class);
        Map<Kind, Double> lefts = new EnumMap<>(Kind.class);
        for (List<Option> place : sheet.options().values()) {
            for (Option option : place) {
                Kind kind = lexicon.technique(option.technique()).orElseThrow().kind();
                if (option.left().isPresent()) {
                    weights.merge(kind, option.weight(), Double::sum);
                    lefts.merge(kind, option.weight() * option.left().get(), Double::sum);
                }
            }
        }
        lefts.replaceAll((kind, left) -> left / weights.get(kind));
        return lefts;
    }

    /** What the sheet writes for the place, else for the commonest of its family, in the same role or else in none. */
    private List<Option> written(Mat mat, Seat seat) {
        GameSheet sheet = sheets[seat.ordinal()];
        String usual = commonest(mat.position());
        return Stream.of(
                        sheet.at(mat.position().key(), role(mat, seat)),
                        sheet.at(usual, role(mat, seat)),
                        sheet.at(usual, "neutral"))
                .filter(list -> !list.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    /** The position of the family whose list stands for all that have none of their own. */
    private static String commonest(Position position) {
        return switch (position.family()) {
            case STANDING, NONE -> "standing";
            case GUARD, PASSING -> position.key().contains("closed") ? "closed-guard" : "open-guard";
            case HALF -> "half-guard";
            case LEGS -> "leg-entanglement";
            case TURTLE -> "turtle";
            case PIN -> position.control() == Control.MOUNT ? "mount" : "side-control";
            case BACK, FINISH -> "back-control";
        };
    }
}
