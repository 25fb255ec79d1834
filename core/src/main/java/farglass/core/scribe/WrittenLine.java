package farglass.core.scribe;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
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

    /** {@return the moment as it could have been typed, for changing it} Reading it again gives the same story. */
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
        boolean reached = moment.deed() instanceof Deed.Reached;
        Optional<Settled> told = moment.settled().filter(where -> !where.workedOut() && !reached);
        return String.join(" ", parts)
                + told.map(where -> "; -> " + BoutFile.settled(where)).orElse("")
                + telling.facts().stream()
                        .filter(fact -> !(fact instanceof Fact.Link link && link.tie() == Fact.Tie.ANSWERS))
                        .map(fact -> "; " + BoutFile.field(fact))
                        .collect(Collectors.joining())
                + telling.note().map(note -> "; note " + BoutFile.quoted(note)).orElse("");
    }

    private static String deed(Moment moment) {
        Deed deed = moment.deed();
        if (deed instanceof Deed.Did did) {
            return did.technique();
        }
        if (deed instanceof Deed.Unnamed unnamed) {
            return "\"" + unnamed.words().replace('"', '\'') + "\""
                    + unnamed.kind().map(kind -> " " + kind).orElse("");
        }
        if (deed instanceof Deed.Awarded awarded) {
            return switch (awarded.award().kind()) {
                case POINTS -> "+" + awarded.award().points();
                case ADVANTAGE -> "adv";
                case PENALTY -> "pen";
                default -> BoutFile.deed(deed);
            };
        }
        if (deed instanceof Deed.Stopped stopped) {
            return ("stop " + stopped.reason()).strip();
        }
        if (deed instanceof Deed.Reached && moment.settled().isPresent()) {
            Settled where = moment.settled().get();
            boolean top = where.top().equals(moment.actor());
            return where.position() + (where.top().isEmpty() ? "" : top ? " on top" : " under");
        }
        return BoutFile.deed(deed);
    }
}
