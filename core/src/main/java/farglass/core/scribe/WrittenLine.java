package farglass.core.scribe;

import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.fact.Certainty;
import farglass.core.fact.Tie;
import farglass.core.notation.BoutFile;
import farglass.core.side.Settled;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** A moment written back as a line that could have been typed, to be changed. */
public final class WrittenLine {
    private WrittenLine() {}

    /** {@return the moment as it could have been typed, for changing it} What a line cannot carry, {@link Rewording} keeps. */
    public static String of(Moment moment) {
        List<String> parts = new ArrayList<>();
        moment.actor().ifPresent(seat -> parts.add(seat.name().toLowerCase(Locale.ROOT)));
        parts.add(deed(moment));
        Telling telling = moment.telling();
        telling.side().ifPresent(side -> parts.add(side.side().label()));
        telling.became().ifPresent(became -> parts.add(became.label()));
        telling.line().ifPresent(line -> parts.add(line.label()));
        telling.stage().ifPresent(stage -> parts.add(stage.label()));
        telling.motive().ifPresent(motive -> parts.add(motive.label()));
        if (telling.certainty() != Certainty.SURE) {
            parts.add(telling.certainty().label());
        }
        if (telling.confidential()) {
            parts.add("private");
        }
        boolean reached = moment.deed().onlyPlace();
        Optional<Settled> told = moment.settled().filter(where -> !where.workedOut() && !reached);
        return String.join(" ", parts)
                + told.map(where -> "; -> " + BoutFile.settled(where)).orElse("")
                + telling.facts().stream()
                        .filter(fact -> !fact.ties(Tie.ANSWERS))
                        .map(fact -> "; " + BoutFile.field(fact))
                        .collect(Collectors.joining())
                + telling.note().map(note -> "; note " + BoutFile.quoted(note)).orElse("");
    }

    /** As the notation of a bout has it, but for what one types in fewer letters. */
    private static String deed(Moment moment) {
        Deed deed = moment.deed();
        if (deed.onlyPlace() && moment.settled().isPresent()) {
            Settled where = moment.settled().get();
            if (where.top().isPresent() && moment.actor().isEmpty()) {
                return where.position() + "; -> " + BoutFile.settled(where);
            }
            boolean top = where.top().equals(moment.actor());
            return where.position() + (where.top().isEmpty() ? "" : top ? " on top" : " under");
        }
        return deed.unnamed()
                .map(unnamed -> "\"" + unnamed.words().replace('"', '\'') + "\""
                        + unnamed.kind().map(kind -> " " + kind).orElse(""))
                .or(() -> deed.given().flatMap(WrittenLine::award))
                .or(() -> deed.stop().map(reason -> ("stop " + reason).strip()))
                .orElseGet(() -> BoutFile.deed(deed));
    }

    private static Optional<String> award(Award award) {
        return switch (award.kind()) {
            case POINTS -> Optional.of("+" + award.points());
            case ADVANTAGE -> Optional.of("adv");
            case PENALTY -> Optional.of("pen");
            default -> Optional.empty();
        };
    }
}
