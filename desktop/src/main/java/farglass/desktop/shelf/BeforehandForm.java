package farglass.desktop.shelf;

import farglass.core.bout.Background;
import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.ContestantBuilder;
import farglass.core.bout.Header;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.core.notation.Diagnostic;
import farglass.core.side.Seat;
import farglass.desktop.parts.Form;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What is known before a bout: of the two, what was planned, what people claimed. Folded away where nothing of it is told. */
final class BeforehandForm extends TitledPane {
    /** In front of the lines that are read as part of a header. */
    private static final String HEAD = BoutFile.FIRST_LINE + "\nA: a\nB: b\n";

    /** What may stand among the plans and claims: anything else of a bout file would be read, and then lost. */
    private static final Pattern HERE =
            Pattern.compile("\\s*(?:claim|(?:[AB] )?(?:expects|plan [0-9]+(?: if [0-9]+ is refused)?))\\s*:");

    private static final int HEAD_LINES = 3;
    private static final int ROWS = 4;

    private final Known a;
    private final Known b;
    private final TextField division;
    private final TextField differs;
    private final TextArea lines = new TextArea();

    /** What is known of one of the two. */
    private record Known(TextField team, TextField rank, TextField build, TextField weight, TextField corner) {
        static Known in(Form form, String seat, Contestant told) {
            return new Known(
                    form.text(seat + "\u2019s team", told.team().orElse(""), "whom they fight for"),
                    form.text(seat + "\u2019s rank", told.rank().orElse(""), "such as third of the league"),
                    form.text(seat + "\u2019s build", told.build().orElse(""), "such as tall, 183 cm, long legs"),
                    form.text(seat + "\u2019s weight", told.weight().orElse(""), "private: never shared"),
                    form.text(seat + "\u2019s corner", told.corner().orElse(""), "who speaks from there"));
        }

        Contestant of(Contestant told) {
            return ContestantBuilder.builder(told)
                    .weight(filled(weight))
                    .corner(filled(corner))
                    .team(filled(team))
                    .rank(filled(rank))
                    .build(filled(build))
                    .create();
        }
    }

    BeforehandForm(Header header, double column, double gap) {
        setText("Beforehand: team, build, plans, claims");
        setId("beforehand");
        Form first = new Form(column);
        Form second = new Form(column);
        a = Known.in(first, "A", header.a());
        b = Known.in(second, "B", header.b());
        division = first.text("Division", header.background().division().orElse(""), "as the event calls it");
        differs = second.text(
                "Other than last time", header.background().differs().orElse(""), "such as a new weight");
        lines.setId("field-plans-and-claims");
        lines.setPrefRowCount(ROWS);
        lines.setText(told(header));
        Form plans = new Form(2 * column);
        plans.add("Plans and claims", lines);
        plans.sentence(
                "One a line: A plan 1: collar drag. A plan 2 if 1 is refused: pull guard. B expects: an early pull."
                        + " claim: \"always passes left\" of B by \"Imke\". Claims move no number; the dossier tells them beside it.");
        setContent(new VBox(8, new HBox(gap, first, second), plans));
        boolean some = !told(header).isEmpty()
                || !of(Seat.A, bare(header.a())).equals(bare(header.a()))
                || !of(Seat.B, bare(header.b())).equals(bare(header.b()))
                || header.background().division().isPresent()
                || header.background().differs().isPresent();
        setExpanded(some);
        setAnimated(false);
    }

    private static Contestant bare(Contestant told) {
        return Contestant.named(told.name());
    }

    private static Optional<String> filled(TextField field) {
        String text = field.getText().strip();
        return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }

    /** Plans and claims are written as a bout file has them. */
    private static String told(Header header) {
        String file = BoutFile.print(new Bout("", header, List.of(), List.of()));
        return file.lines()
                .filter(line -> line.matches("(claim|[AB] expects|[AB] plan [0-9].*?): .*"))
                .collect(Collectors.joining("\n"));
    }

    /** {@return the athlete with what is told here} */
    Contestant of(Seat seat, Contestant told) {
        return (seat == Seat.A ? a : b).of(told);
    }

    /**
     * {@return what the fields say}
     *
     * @param day where no day is known
     * @throws IllegalArgumentException with a sentence on the line that cannot be read
     */
    Background background(Optional<Background.RoughDay> day) {
        lines.getText()
                .lines()
                .filter(line -> !line.isBlank() && !HERE.matcher(line).lookingAt())
                .findFirst()
                .ifPresent(line -> {
                    throw new IllegalArgumentException(
                            "Plans and claims: \"%s\" is none. Begin every line with \"A plan 1:\", \"B expects:\" or \"claim:\"."
                                    .formatted(line.strip()));
                });
        BoutReading reading = BoutFile.parse(HEAD + lines.getText() + "\n", Lexicon.shipped());
        Optional<Diagnostic> wrong = reading.diagnostics().stream().findFirst();
        Background read = reading.bout()
                .filter(bout -> wrong.isEmpty())
                .map(bout -> bout.header().background())
                .orElseThrow(() -> new IllegalArgumentException("Plans and claims, line %d: %s"
                        .formatted(
                                wrong.orElseThrow().line() - HEAD_LINES,
                                wrong.orElseThrow().message())));
        return new Background(day, filled(division), read.plan(), read.claims(), filled(differs));
    }
}
