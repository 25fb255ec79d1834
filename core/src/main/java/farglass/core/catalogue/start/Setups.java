package farglass.core.catalogue.start;

import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.Conversation;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What sets her takedowns off: after which act of the other, after which of her own, and at which repetition? */
public final class Setups {
    private static Optional<String> name(BoutSheet sheet, Moment moment) {
        return sheet.technique(moment).filter(technique -> !technique.generic()).map(technique -> sheet.lexicon()
                .together(technique.key()));
    }

    private static Tally takedowns(String id, Sights.Of<CountedTry> option) {
        return new Tally(id, (sheet, seat) -> sheet.tried(seat, Kind.TAKEDOWN).stream()
                .flatMap(tried ->
                        option.of(sheet, seat, tried).stream().map(taken -> tried.evidence(sheet.bout(), taken)))
                .toList());
    }

    private static final Tally AFTER_THEIRS = takedowns(
            "setup theirs", (sheet, seat, tried) -> sheet.lastOthers(tried.first(), Conversation.WITHIN_MICROS)
                    .flatMap(moment -> name(sheet, moment)));

    private static final Tally AFTER_OWN =
            takedowns("setup own", (sheet, seat, tried) -> sheet.lastOwn(tried.first(), Conversation.WITHIN_MICROS)
                    .flatMap(moment -> name(sheet, moment)));

    private static String nth(int times) {
        return times == 1 ? "the first time" : times == 2 ? "the second time" : "the third time or later";
    }

    /** At which repetition of the same takedown in one bout each one was. */
    private static Map<CountedTry, String> repetitions(BoutSheet sheet, Seat seat) {
        Map<String, Integer> times = new HashMap<>();
        Map<CountedTry, String> all = new LinkedHashMap<>();
        for (CountedTry tried : sheet.tried(seat, Kind.TAKEDOWN)) {
            String which = sheet.lexicon().together(tried.technique().key());
            all.put(tried, nth(times.merge(which, 1, Integer::sum)));
        }
        return all;
    }

    private static final Tally REPETITION =
            new Tally("setup repetition", (sheet, seat) -> repetitions(sheet, seat).entrySet().stream()
                    .map(each -> each.getKey().evidence(sheet.bout(), each.getValue()))
                    .toList());

    private static final EachTally REPETITION_WORKED =
            new EachTally("setup repetition worked", (sheet, seat) -> repetitions(sheet, seat).entrySet().stream()
                    .flatMap(each -> Tries.ended(sheet, each.getKey(), Optional.of(each.getValue())).stream())
                    .toList());

    public static final Question QUESTION = new Question(
            "setup",
            Chapter.THE_START,
            "What sets their takedowns off?",
            "",
            "nothing has been seen just before a takedown of {name}",
            List.of(
                    new Ask(
                            "setup theirs",
                            new Options(AFTER_THEIRS),
                            Wording.ofTerms(
                                            "{option}",
                                            "takedowns within eight seconds of something the other did",
                                            "takedowns came most often after {option} of the other\u2019s, {raw}{claims}")
                                    .under("After the other\u2019s")),
                    new Ask(
                            "setup own",
                            new Options(AFTER_OWN),
                            Wording.ofTerms(
                                            "{option}",
                                            "takedowns within eight seconds of something of their own",
                                            "after {option} of their own in {raw}{claims}")
                                    .under("After their own")),
                    new Ask(
                                    "setup repetition",
                                    new Options(REPETITION),
                                    Wording.plain("{option}", "takedowns tried", "")
                                            .under("The same one in one bout")
                                            .inOrder())
                            .with(new Ask(
                                    "setup repetition worked",
                                    new OfEach(REPETITION_WORKED, Tries.WORKED),
                                    Wording.plain("worked in {brief}", "", "")))));

    private Setups() {}
}
