package farglass.desktop.shelf;

import farglass.core.bout.Background;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Contestant;
import farglass.core.bout.ContestantBuilder;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.bout.Material;
import farglass.core.bout.Method;
import farglass.core.bout.Result;
import farglass.core.bout.Times;
import farglass.core.bout.Uniform;
import farglass.core.fact.Layer;
import farglass.core.naming.Words;
import farglass.core.side.Level;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.side.Stance;
import farglass.desktop.desk.Choosers;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.NewNames;
import farglass.desktop.screening.FilmGlance;
import farglass.film.Film;
import farglass.film.source.Films;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Everything about a bout but its moments, also who is who in the picture. */
final class HeaderForm extends VBox {
    /** Opens films for a look at them. */
    interface Glances {
        /** Opens the film of that name, as a header has it, if there is one; whoever takes it closes it. */
        void look(String path, Consumer<Film> taker);
    }

    /** Two columns and a picture fit beside one another in a window of 1280 pixels. */
    private static final double COLUMN = 250;

    private static final double GAP = 28;

    /** Said of a bout of which nobody knows how it ended. */
    private static final Result NOT_KNOWN =
            new Result(Optional.empty(), Method.UNKNOWN, Optional.empty(), Optional.empty());

    private final Header before;
    private final List<Header> others;
    private final NewNames newNames;

    private final ComboBox<String> a;
    private final ComboBox<String> b;
    private final TextField aKit;
    private final TextField bKit;
    private final ComboBox<Optional<Side>> aSide;
    private final ComboBox<Optional<Level>> aLevel;
    private final ComboBox<Optional<Level>> bLevel;
    private final ComboBox<Optional<Stance>> aStance;
    private final ComboBox<Optional<Stance>> bStance;
    private final ComboBox<BoutKind> kind;
    private final TextField event;
    private final TextField round;
    private final TextField date;
    private final List<String> rulesets;
    private final ComboBox<String> ruleset;
    private final ComboBox<Uniform> uniform;
    private final TextField length;
    private final ComboBox<Optional<Seat>> winner;
    private final ComboBox<Method> method;
    private final TextField finish;
    private final TextField score;
    private final TextField film = new TextField();
    private final TextField filmStart;
    private final TextField secondFilm;
    private final TextField secondStart;
    private final TextField watched;
    private final ComboBox<Material> material;
    private final BeforehandForm beforehand;

    /**
     * @param others headers of the library's bouts: others of the same event had the same rules
     * @param glances opens a film, and gives it to a picture beside the names
     */
    HeaderForm(
            Header header,
            List<Header> others,
            List<String> athletes,
            List<String> rulesets,
            Choosers choosers,
            Glances glances) {
        super(12);
        this.before = header;
        this.others = others;
        this.rulesets = List.copyOf(rulesets);
        this.newNames = new NewNames(athletes);
        Form form = new Form(COLUMN);
        Form other = new Form(COLUMN);
        a = form.name("Athlete A", athletes, header.a().name());
        aKit = form.text("A wears", header.a().kit().orElse(""), "seen in the picture: white gi");
        aSide = form.choice("A stands at first", optional(Side.values()), aStands(header), side -> side.map(
                        known -> known.label() + " in the picture")
                .orElse("not known"));
        aLevel = form.choice(
                "A\u2019s belt", optional(Level.values()), header.a().level(), HeaderForm::words);
        aStance = form.choice(
                "A\u2019s stance", optional(Stance.values()), header.a().stance(), HeaderForm::stance);
        b = other.name("Athlete B", athletes, header.b().name());
        bKit = other.text("B wears", header.b().kit().orElse(""), "seen in the picture: blue gi");
        bLevel = other.choice(
                "B\u2019s belt", optional(Level.values()), header.b().level(), HeaderForm::words);
        bStance = other.choice(
                "B\u2019s stance", optional(Stance.values()), header.b().stance(), HeaderForm::stance);
        Form details = new Form(COLUMN);
        Form ending = new Form(COLUMN);
        kind = details.choice("Kind", List.of(BoutKind.values()), header.kind(), BoutKind::label);
        material = details.choice("Material", List.of(Material.values()), header.material(), HeaderForm::material);
        event = details.text("Event", header.event().orElse(""), "such as Lantern Cup");
        event.focusedProperty().addListener((property, was, is) -> {
            if (was) {
                asInTheLastBoutOfTheEvent();
            }
        });
        round = details.text("Round", header.round().orElse(""), "such as final");
        date = details.day("Date", header.date());
        header.background().day().map(Background.RoughDay::text).ifPresent(date::setText);
        ruleset = details.name("Rules", rulesets, header.ruleset());
        uniform = details.choice("Uniform", List.of(Uniform.values()), header.uniform(), Uniform::label);
        length = details.text("Length", time(header.lengthMicros()), "minutes:seconds, such as 6:00");
        Optional<Result> result = header.result();
        winner = ending.choice(
                "Winner",
                List.of(Optional.<Seat>empty(), Optional.of(Seat.A), Optional.of(Seat.B)),
                result.flatMap(Result::winner),
                seat -> seat.map(known -> "athlete " + known.name()).orElse("nobody, or not known"));
        method = ending.choice(
                "Won by", List.of(Method.values()), result.map(Result::method).orElse(Method.UNKNOWN), Method::label);
        finish = ending.text("Finish", result.flatMap(Result::finish).orElse(""), "the submission, such as kimura");
        score = ending.text(
                "Final score",
                result.flatMap(Result::score)
                        .map(points -> points.a() + "-" + points.b())
                        .orElse(""),
                "A-B, such as 4-2");
        FilmLink link =
                header.films().isEmpty() ? new FilmLink("", 0) : header.films().get(0);
        film.setText(link.path());
        film.setId("field-film");
        film.setPromptText("no film");
        HBox.setHgrow(film, Priority.ALWAYS);
        Button choose = new Button("Choose\u2026");
        choose.setMinWidth(USE_PREF_SIZE);
        choose.setOnAction(click -> choosers.open("Choose the film", "Films", Films.VIDEO_ENDINGS).stream()
                .findFirst()
                .ifPresent(path -> film.setText(path.toAbsolutePath().toString())));
        ending.add("Film", new HBox(6, film, choose));
        filmStart = ending.text("Bout begins at", Times.exact(link.startMicros()), "film time, such as 0:12.5");
        FilmLink second =
                header.films().size() < 2 ? new FilmLink("", 0) : header.films().get(1);
        secondFilm = ending.text("Second camera", second.path(), "another film of the bout");
        secondStart = ending.text("Begins there at", Times.exact(second.startMicros()), "that film's time");
        watched = ending.text(
                "Story watched to",
                header.covered().stream()
                        .filter(stretch -> stretch.layer() == Layer.STORY)
                        .map(stretch -> Times.exact(stretch.toMicros()))
                        .findFirst()
                        .orElse(""),
                "empty: not watched through");
        FilmGlance glance = new FilmGlance(micros -> filmStart.setText(Times.exact(micros)));
        glance.managedProperty().bind(glance.visibleProperty());
        glance.visibleProperty().bind(film.textProperty().isNotEmpty());
        film.textProperty().addListener((property, old, path) -> look(glances, path, glance, 0));
        look(glances, link.path(), glance, link.startMicros());
        beforehand = new BeforehandForm(header, COLUMN, GAP);
        VBox told = new VBox(14, new HBox(GAP, form, other), new HBox(GAP, details, ending), beforehand);
        getChildren().add(new HBox(GAP, told, glance));
    }

    private void look(Glances glances, String path, FilmGlance glance, long micros) {
        glances.look(path, opened -> {
            if (path.equals(film.getText())) {
                glance.show(opened, micros);
            } else {
                opened.close();
            }
        });
    }

    /** An event that was named just now had its day, rules and uniform in another bout; what was already told stays. */
    private void asInTheLastBoutOfTheEvent() {
        if (before.event().isPresent()) {
            return;
        }
        filled(event)
                .flatMap(name -> others.stream()
                        .filter(other -> other.event()
                                .filter(its -> Words.plain(its).equals(Words.plain(name)))
                                .isPresent())
                        .max(Comparator.comparing(other -> other.date().orElse(LocalDate.MIN))))
                .ifPresent(other -> {
                    if (filled(date).isEmpty()) {
                        other.date().ifPresent(day -> date.setText(day.toString()));
                    }
                    if (filled(ruleset.getEditor()).equals(Optional.of(before.ruleset()))) {
                        ruleset.setValue(other.ruleset());
                        ruleset.getEditor().setText(other.ruleset());
                    }
                    if (uniform.getValue() == before.uniform()) {
                        uniform.setValue(other.uniform());
                    }
                });
    }

    private static String material(Material material) {
        return switch (material) {
            case BOUT -> "the bout as it came";
            case CLIPS -> "clips or a told sequence, chosen by somebody: in no rate";
            case DEMONSTRATION -> "a demonstration: counted in nothing";
        };
    }

    private static <T> List<Optional<T>> optional(T[] values) {
        List<Optional<T>> all = new ArrayList<>();
        all.add(Optional.empty());
        Arrays.stream(values).map(Optional::of).forEach(all::add);
        return all;
    }

    private static String words(Optional<Level> level) {
        return level.map(Level::label).orElse("not known");
    }

    private static String stance(Optional<Stance> stance) {
        return stance.map(known -> known.label() + ", " + known.lead().label() + " foot first")
                .orElse("not known");
    }

    /** Where A stands, or else across from where B does. */
    private static Optional<Side> aStands(Header header) {
        return header.a().screenSide().or(() -> header.b().screenSide().map(Side::mirrored));
    }

    private static String time(OptionalLong micros) {
        return micros.isPresent() ? Times.exact(micros.getAsLong()) : "";
    }

    /**
     * {@return what the fields say}
     *
     * @throws IllegalArgumentException with a sentence on the field that says nothing we can keep
     */
    Header header() {
        Optional<Side> side = aSide.getValue();
        // Until another side is chosen each stands where the header says.
        boolean stay = side.equals(aStands(before));
        Contestant first = told(
                before.a(),
                name(a, "A"),
                filled(aKit),
                stay ? before.a().screenSide() : side,
                aLevel.getValue(),
                aStance.getValue());
        Contestant second = told(
                before.b(),
                name(b, "B"),
                filled(bKit),
                stay ? before.b().screenSide() : side.map(Side::mirrored),
                bLevel.getValue(),
                bStance.getValue());
        if (first.name().equals(second.name()) && !first.name().equals("unknown")) {
            throw new IllegalArgumentException(
                    "Both athletes are %s. Name the other one, or write \"unknown\".".formatted(first.name()));
        }
        askOfSpelling(first.name());
        askOfSpelling(second.name());
        Optional<Background.RoughDay> rough = filled(date).flatMap(Background.RoughDay::parse);
        return HeaderBuilder.builder()
                .kind(kind.getValue())
                .ruleset(rulesetNamed())
                .uniform(uniform.getValue())
                .lengthMicros(timeFromZero(length, "Length"))
                .a(beforehand.of(Seat.A, first))
                .b(beforehand.of(Seat.B, second))
                .footage(before.footage()
                        .with(material.getValue())
                        .withFilms(films())
                        .withCovered(covered()))
                .background(beforehand.background(rough))
                .event(filled(event))
                .date(filled(date).filter(text -> rough.isEmpty()).map(HeaderForm::date))
                .round(filled(round))
                .rulesetDate(before.rulesetDate())
                .result(result())
                .coders(before.coders())
                .codingOf(before.codingOf())
                .notes(before.notes())
                .others(before.others())
                .create();
    }

    /** Rules that are not at hand are kept where a bout has them, of this one or another; a slip while typing is none. */
    private String rulesetNamed() {
        String named = filled(ruleset.getEditor()).orElse(Header.DEFAULT_RULESET);
        boolean known = rulesets.contains(named)
                || Stream.concat(Stream.of(before), others.stream())
                        .anyMatch(header -> header.ruleset().equals(named));
        if (!known) {
            throw new IllegalArgumentException(
                    "There is no ruleset named \u201c%s\u201d. Choose one of the list.".formatted(named));
        }
        return named;
    }

    private void askOfSpelling(String name) {
        newNames.ask(name).ifPresent(question -> {
            throw new IllegalArgumentException(question);
        });
    }

    /** What the form does not ask stays as it was. */
    private static Contestant told(
            Contestant before,
            String name,
            Optional<String> kit,
            Optional<Side> side,
            Optional<Level> level,
            Optional<Stance> stance) {
        return ContestantBuilder.builder(before)
                .name(name)
                .kit(kit)
                .screenSide(side)
                .level(level)
                .stance(stance)
                .create();
    }

    private static String name(ComboBox<String> box, String seat) {
        return filled(box.getEditor())
                .orElseThrow(() -> new IllegalArgumentException(
                        "Athlete %s has no name. Write one, or \"unknown\".".formatted(seat)));
    }

    private static Optional<String> filled(TextField field) {
        String text = field.getText() == null ? "" : field.getText().strip();
        return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }

    private static LocalDate date(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException(
                    "\"%s\" is no date. Write year, month and day, such as 2026-03-14, or what is known of it: 2026-03, 2026, about 2026."
                            .formatted(text),
                    e);
        }
    }

    private static OptionalLong time(TextField field, String label) {
        Optional<String> text = filled(field);
        if (text.isEmpty()) {
            return OptionalLong.empty();
        }
        OptionalLong micros = Times.parse(text.get());
        if (micros.isEmpty()) {
            throw new IllegalArgumentException(
                    "%s: \"%s\" is no time. Write minutes and seconds, such as 6:00.".formatted(label, text.get()));
        }
        return micros;
    }

    private static OptionalLong timeFromZero(TextField field, String label) {
        OptionalLong micros = time(field, label);
        if (micros.isPresent() && micros.getAsLong() < 0) {
            throw new IllegalArgumentException("%s: %s is before the bout begins. Write a time of 0:00 or later."
                    .formatted(label, Times.exact(micros.getAsLong())));
        }
        return micros;
    }

    private Optional<Result> result() {
        Optional<Result.Score> points = filled(score).map(HeaderForm::score);
        boolean known = winner.getValue().isPresent()
                || method.getValue() != Method.UNKNOWN
                || points.isPresent()
                || filled(finish).isPresent();
        return known
                ? Optional.of(new Result(winner.getValue(), method.getValue(), filled(finish), points))
                : before.result().filter(NOT_KNOWN::equals);
    }

    private static Result.Score score(String text) {
        if (!text.matches("[0-9]{1,3}-[0-9]{1,3}")) {
            throw new IllegalArgumentException(
                    "Final score: \"%s\" is no score. Write A's points, a hyphen and B's, such as 4-2."
                            .formatted(text));
        }
        String[] both = text.split("-");
        return new Result.Score(Integer.parseInt(both[0]), Integer.parseInt(both[1]));
    }

    private List<FilmLink> films() {
        Optional<String> path = filled(film);
        List<FilmLink> films = new ArrayList<>();
        path.ifPresent(known ->
                films.add(new FilmLink(known, time(filmStart, "Bout begins at").orElse(0))));
        filled(secondFilm)
                .ifPresent(known -> films.add(
                        new FilmLink(known, time(secondStart, "Begins there at").orElse(0))));
        before.films().stream().skip(2).forEach(films::add);
        return films;
    }

    private List<Covered> covered() {
        OptionalLong to = timeFromZero(watched, "Story watched to");
        List<Covered> covered = new ArrayList<>(before.covered());
        boolean same = covered.stream()
                .anyMatch(stretch ->
                        stretch.layer() == Layer.STORY && to.isPresent() && stretch.toMicros() == to.getAsLong());
        if (!same) {
            covered.removeIf(stretch -> stretch.layer() == Layer.STORY);
            to.ifPresent(end -> covered.add(new Covered(Layer.STORY, 0, end, true)));
        }
        return covered;
    }
}
