package farglass.core.question;

import farglass.core.bout.Background;
import farglass.core.corpus.BoutCounts;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What people said of the athlete before bouts: never counted, and told beside the figure it concerns.
 *
 * @param figure id of the ask, or "ask/option"; empty where nobody said which figure it concerns
 * @param bout before which it was said
 */
public record Hearsay(String words, Optional<String> figure, String bout) {
    static List<Hearsay> of(String athlete, List<BoutCounts> sheets) {
        List<Hearsay> said = new ArrayList<>();
        for (BoutCounts sheet : sheets) {
            Optional<Seat> seat = sheet.bout().header().seatOf(athlete);
            for (Background.Claimed claim : sheet.bout().header().background().claims()) {
                if (claim.of().equals(seat)) {
                    said.add(new Hearsay(
                            sentence(claim), claim.figure(), sheet.bout().id()));
                }
            }
        }
        return said;
    }

    /** {@return the claim with who said it, and when: “always passes left” (Imke, 2026-03-01)} */
    public static String sentence(Background.Claimed claim) {
        List<String> source = new ArrayList<>();
        claim.by().ifPresent(source::add);
        claim.on().ifPresent(day -> source.add(day.toString()));
        return "\u201c%s\u201d%s"
                .formatted(claim.words(), source.isEmpty() ? "" : " (" + String.join(", ", source) + ")");
    }

    /** {@return whether it concerns that figure} */
    public boolean concerns(Figure figure) {
        String ask = figure.subject().id();
        return this.figure
                .filter(id -> id.equals(ask) || id.equals(ask + "/" + figure.option()))
                .isPresent();
    }
}
