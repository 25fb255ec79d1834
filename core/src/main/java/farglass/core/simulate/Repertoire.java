package farglass.core.simulate;

import farglass.core.bout.Seat;
import farglass.core.bout.Uniform;
import farglass.core.lexicon.Control;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What each of the two can do where they are: as the sheets say, and as far as the sport and the uniform allow. */
final class Repertoire {
    private final GameSheet[] sheets;
    private final Uniform uniform;
    private final Lexicon lexicon;

    Repertoire(GameSheet[] sheets, Uniform uniform, Lexicon lexicon) {
        this.sheets = sheets.clone();
        this.uniform = uniform;
        this.lexicon = lexicon;
    }

    boolean possible(Mat mat, String technique, Seat seat) {
        boolean wearable = uniform == Uniform.GI || !Cloth.isNeededFor(technique);
        return wearable
                && lexicon.technique(technique)
                        .filter(found -> found.canStart(mat.position(), mat.roleOf(seat)))
                        .isPresent();
    }

    /** {@return how this athlete does a technique: as her sheet says wherever it says it} */
    Option option(Seat seat, String technique) {
        return sheets[seat.ordinal()].options().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .flatMap(place -> place.getValue().stream())
                .filter(option -> option.technique().equals(technique))
                .findFirst()
                .orElseGet(() -> new Option(technique, 1, 0.35, Optional.of(0.5), Optional.empty()));
    }

    private static String role(Mat mat, Seat seat) {
        return mat.roleOf(seat).name().toLowerCase(Locale.ROOT);
    }

    List<Option> options(Mat mat, Seat seat) {
        List<Option> written = sheets[seat.ordinal()].at(mat.position().key(), role(mat, seat));
        return written.isEmpty() ? sheets[seat.ordinal()].at(commonest(mat.position()), role(mat, seat)) : written;
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
