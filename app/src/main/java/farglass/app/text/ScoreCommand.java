package farglass.app.text;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.Rules;
import farglass.core.bout.Bout;
import farglass.core.bout.Times;
import farglass.core.lexicon.Lexicon;
import farglass.core.rules.Board;
import farglass.core.rules.BoutOutcome;
import farglass.core.rules.Call;
import farglass.core.rules.Difference;
import farglass.core.rules.EscapeTime;
import farglass.core.rules.Lead;
import farglass.core.rules.OtherRules;
import farglass.core.rules.RoundSheet;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Scorecard;
import farglass.core.side.Seat;
import farglass.core.state.Timeline;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "score",
        mixinStandardHelpOptions = true,
        description =
                "Reads a bout under its rules: the board, what is certain, what could be given, what is arguable.")
public final class ScoreCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "a bout file, JSON document or table")
    private Path file;

    @Option(names = "--at", paramLabel = "TIME", description = "at this instant of the bout, such as 2:05")
    private String at;

    @Option(
            names = "--under",
            paramLabel = "RULESET",
            description = "read it under other rules: a name, or a .rules file; the differences are listed")
    private String under;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        Lexicon lexicon = Lexicon.shipped();
        Bout bout = BoutText.bout(file, lexicon, "A", "B");
        long micros = at == null ? Long.MAX_VALUE : instant();
        Timeline timeline = Timeline.of(bout, lexicon);
        Scorecard card = Scorecard.of(bout, Rules.of(bout, under), lexicon, timeline);
        List<String> beside = under == null
                ? List.of()
                : OtherRules.sentences(bout, card, Scorecard.of(bout, Rules.of(bout, null), lexicon, timeline));
        List<RoundSheet> rounds =
                card.ruleset().scoring() == Ruleset.Scoring.JUDGES ? RoundSheet.of(bout, timeline, lexicon) : List.of();
        OptionalLong left = timeline.clock().leftMicros(Math.min(micros, timeline.endMicros()));
        List<String> outcome = BoutOutcome.sentences(bout, card, lexicon, micros, left);
        if (json) {
            System.out.println(
                    json(bout, card, micros, left, outcome, rounds, beside).toPrettyString());
        } else {
            say(bout, card, micros, outcome, rounds, beside);
        }
        return 0;
    }

    private long instant() {
        OptionalLong micros = Times.parse(at);
        if (micros.isEmpty() || micros.getAsLong() < 0) {
            throw new LibraryException(
                    "\"%s\" is no time. Write minutes and seconds, such as --at 2:05 or --at 2:05.4.".formatted(at));
        }
        return micros.getAsLong();
    }

    private static List<Call> upTo(List<Call> calls, long micros) {
        return calls.stream().filter(call -> call.atMicros() <= micros).toList();
    }

    private static void say(
            Bout bout,
            Scorecard card,
            long micros,
            List<String> outcome,
            List<RoundSheet> rounds,
            List<String> beside) {
        Ruleset ruleset = card.ruleset();
        System.out.printf(
                "%s (A) \u2013 %s (B), %s of %s%n",
                bout.header().a().name(), bout.header().b().name(), ruleset.title(), ruleset.date());
        if (ruleset.scoring() == Ruleset.Scoring.POINTS) {
            System.out.println("The referee's board: " + board(card.board(micros)));
            System.out.println("By the rules:        " + board(card.byRules(micros)));
        }
        outcome.forEach(System.out::println);
        for (RoundSheet round : rounds) {
            for (Seat seat : Seat.values()) {
                System.out.println(round.sentence(seat, bout));
            }
        }
        list("By the rules", upTo(card.calls(Call.Verdict.BY_RULES), micros));
        list("Could be given, and was not", upTo(card.calls(Call.Verdict.COULD), micros));
        list("Arguable", upTo(card.calls(Call.Verdict.ARGUABLE), micros));
        card.escapeTime()
                .ifPresent(time -> System.out.printf(
                        "Escape time: A %s, B %s in %d rounds%n",
                        Times.exact(time.of(Seat.A)),
                        Times.exact(time.of(Seat.B)),
                        time.rounds().size()));
        List<Difference> differences = card.differences().stream()
                .filter(each -> each.atMicros() <= micros)
                .toList();
        if (!differences.isEmpty()) {
            System.out.println("Differences from the referee (neither is called wrong):");
            differences.forEach(each -> System.out.printf("  %s %s%n", Times.tenths(each.atMicros()), each.sentence()));
        }
        if (!beside.isEmpty()) {
            System.out.println("Beside the bout's own rules:");
            beside.forEach(sentence -> System.out.println("  " + sentence));
        }
        card.findings().forEach(finding -> System.out.println("Finding: " + finding.sentence()));
        System.out.println(ruleset.notice());
    }

    private static String board(Board board) {
        return "%d\u2013%d, advantages %d\u2013%d, penalties %d\u2013%d"
                .formatted(
                        board.a().points(),
                        board.b().points(),
                        board.a().advantages(),
                        board.b().advantages(),
                        board.a().penalties(),
                        board.b().penalties());
    }

    private static void list(String title, List<Call> calls) {
        if (!calls.isEmpty()) {
            System.out.println(title + ":");
            calls.forEach(call -> System.out.printf(
                    "  %s %s: %s [%s]%n",
                    Times.tenths(call.atMicros()), call.brief(), call.sentence(), String.join(", ", call.moments())));
        }
    }

    private static ObjectNode json(
            Bout bout,
            Scorecard card,
            long micros,
            OptionalLong left,
            List<String> outcome,
            List<RoundSheet> rounds,
            List<String> beside) {
        ObjectNode told = JsonNodeFactory.instance.objectNode();
        told.put("bout", bout.id())
                .put("a", bout.header().a().name())
                .put("b", bout.header().b().name())
                .put("ruleset", card.ruleset().name())
                .put("rulesetDate", card.ruleset().date().toString());
        if (micros != Long.MAX_VALUE) {
            told.put("atMicros", micros);
        }
        boolean over = card.isOver(micros);
        told.put("over", over);
        outcome.forEach(told.putArray("outcome")::add);
        if (left.isPresent() && !over) {
            told.put("leftMicros", left.getAsLong());
        }
        board(told.putObject("board"), card.board(micros));
        board(told.putObject("byRules"), card.byRules(micros));
        Lead lead = card.lead(micros);
        ObjectNode ahead = told.putObject("lead").put("by", lead.by().name().toLowerCase(Locale.ROOT));
        lead.seat().ifPresent(seat -> ahead.put("seat", seat.name()));
        ArrayNode avoid = told.putArray("toAvoid");
        card.toAvoid(micros).forEach(avoid::add);
        ArrayNode calls = told.putArray("calls");
        for (Call.Verdict verdict : Call.Verdict.values()) {
            upTo(card.calls(verdict), micros).forEach(call -> call(calls.addObject(), call));
        }
        ArrayNode differences = told.putArray("differences");
        card.differences().stream().filter(each -> each.atMicros() <= micros).forEach(each -> {
            ObjectNode node = differences
                    .addObject()
                    .put("atMicros", each.atMicros())
                    .put("brief", each.brief())
                    .put("sentence", each.sentence());
            each.moments().forEach(node.putArray("moments")::add);
        });
        card.escapeTime().ifPresent(time -> escapeTime(told.putObject("escapeTime"), time));
        told.putObject("taps").put("a", card.taps(Seat.A)).put("b", card.taps(Seat.B));
        ArrayNode findings = told.putArray("findings");
        card.findings()
                .forEach(finding ->
                        findings.addObject().put("moment", finding.momentId()).put("sentence", finding.sentence()));
        beside.forEach(told.putArray("besideOwnRules")::add);
        ArrayNode sheets = told.putArray("rounds");
        rounds.forEach(round -> round(sheets.addObject(), round));
        return told.put("notice", card.ruleset().notice());
    }

    private static void round(ObjectNode node, RoundSheet round) {
        node.put("round", round.number()).put("fromMicros", round.fromMicros()).put("toMicros", round.toMicros());
        for (Seat seat : Seat.values()) {
            RoundSheet.Side side = round.of(seat);
            ObjectNode told = node.putObject(seat == Seat.A ? "a" : "b")
                    .put("thrown", side.thrown())
                    .put("landed", side.landed())
                    .put("untold", side.untold())
                    .put("knockDowns", side.knockDowns())
                    .put("topMicros", side.topMicros());
            ObjectNode blows = told.putObject("blows");
            side.blows().forEach(blows::put);
        }
    }

    private static void board(ObjectNode node, Board board) {
        for (Seat seat : Seat.values()) {
            node.putObject(seat == Seat.A ? "a" : "b")
                    .put("points", board.of(seat).points())
                    .put("advantages", board.of(seat).advantages())
                    .put("penalties", board.of(seat).penalties());
        }
    }

    private static void escapeTime(ObjectNode node, EscapeTime time) {
        node.put("aMicros", time.of(Seat.A)).put("bMicros", time.of(Seat.B));
        ArrayNode rounds = node.putArray("rounds");
        time.rounds().forEach(round -> rounds.addObject()
                .put("attacker", round.attacker().name())
                .put("micros", round.micros())
                .put("submitted", round.submitted()));
    }

    private static void call(ObjectNode node, Call call) {
        node.put("verdict", call.verdict().label())
                .put("to", call.to().name())
                .put("reason", call.reason().label())
                .put("gift", call.gift().kind().name().toLowerCase(Locale.ROOT))
                .put("points", call.gift().points())
                .put("atMicros", call.atMicros())
                .put("sentence", call.sentence());
        call.moments().forEach(node.putArray("moments")::add);
    }
}
