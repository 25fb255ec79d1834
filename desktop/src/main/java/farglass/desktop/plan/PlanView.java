package farglass.desktop.plan;

import farglass.core.plan.Fallback;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.plan.UsualAnswers;
import farglass.core.study.Athlete;
import farglass.desktop.command.Command;
import farglass.desktop.command.CommandButton;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Choosers;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.SameAgain;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import farglass.library.Library;
import farglass.library.exchange.Destination;
import farglass.library.report.CornerCard;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The Plan place: our page on the left, what the opponent usually does on the right. */
public final class PlanView extends BorderPane {
    private final PlanModel model;
    private final Sheets sheets;
    private final Choosers choosers;
    private final HBox opponents = new HBox(2);
    private final VBox page = new VBox(10);
    private final VBox usual = new VBox(8);
    private final Runnable newCamp;
    private final HBox buttons = new HBox(8);
    private final Button addStep;

    /** @param newCamp asks for a camp, which a plan belongs to */
    public PlanView(Commands commands, PlanModel model, Sheets sheets, Choosers choosers, Runnable newCamp) {
        this.newCamp = newCamp;
        this.model = model;
        this.sheets = sheets;
        this.choosers = choosers;
        getStyleClass().add("plan");
        commands.add(commands());
        this.addStep = new CommandButton(commands, "add-step", "Write a step\u2026");
        addStep.setId("add-step");
        Button addStayOut = new CommandButton(commands, "add-stay-out", "Stay out of\u2026");
        Button pdf = new CommandButton(commands, "card-pdf", "Corner card as PDF\u2026");
        Button html = new CommandButton(commands, "card-html", "as HTML\u2026");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        buttons.getChildren().setAll(addStep, addStayOut, between, pdf, html);
        buttons.managedProperty().bind(buttons.visibleProperty());
        VBox top = new VBox(8, opponents, buttons);
        BorderPane.setMargin(top, new javafx.geometry.Insets(0, 0, 10, 0));
        setTop(top);
        page.getStyleClass().add("plan-page");
        ScrollPane pageScroll = scroll(page);
        ScrollPane usualScroll = scroll(usual);
        usualScroll.setPrefWidth(470);
        setCenter(pageScroll);
        setRight(usualScroll);
        BorderPane.setMargin(usualScroll, new javafx.geometry.Insets(0, 0, 0, 18));
        model.opponents().addListener((ListChangeListener<Athlete>) change -> showOpponents());
        model.opponentProperty().addListener(change -> showOpponents());
        model.planProperty().addListener(change -> showPlan());
        model.attacked().addListener((ListChangeListener<UsualAnswers.Attacked>) change -> showUsual());
        model.dangers().addListener((ListChangeListener<UsualAnswers.Danger>) change -> showUsual());
        showOpponents();
        showPlan();
        showUsual();
    }

    private void showOpponents() {
        SameAgain.written(opponents, this::writeOpponents);
    }

    private void showPlan() {
        SameAgain.written(page, this::writePlan);
    }

    private void showUsual() {
        SameAgain.written(usual, this::writeUsual);
    }

    private static ScrollPane scroll(VBox content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        return scroll;
    }

    private void writeOpponents() {
        opponents.getChildren().clear();
        for (Athlete athlete : model.opponents()) {
            ToggleButton name = new ToggleButton("against " + athlete.name());
            name.setMnemonicParsing(false);
            name.getStyleClass().add("choice");
            name.setSelected(
                    model.opponentProperty().get().filter(athlete::equals).isPresent());
            name.setOnAction(event -> {
                name.setSelected(true);
                model.opponentProperty().set(Optional.of(athlete));
            });
            opponents.getChildren().add(SameAgain.marked(name, "against " + athlete.id()));
        }
    }

    private void writePlan() {
        page.getChildren().clear();
        Optional<GamePlan> plan = model.planProperty().get();
        buttons.setVisible(plan.isPresent());
        if (plan.isEmpty()) {
            Button camp = new Button("New camp\u2026");
            camp.setId("plan-new-camp");
            camp.setOnAction(event -> newCamp.run());
            page.getChildren()
                    .addAll(
                            words(
                                    "A plan belongs to a camp: our athlete, the opponents, a day. Choose one with F2, or begin one with Ctrl+K.",
                                    "empty-words"),
                            camp);
            return;
        }
        page.getChildren().add(words("What we do", "question"));
        if (plan.get().steps().isEmpty()) {
            page.getChildren()
                    .add(words(
                            "Nothing is written yet. Write a step, or take one of the usual answers on the right as a start.",
                            "empty-words"));
        }
        int number = 1;
        for (PlanStep step : plan.get().steps()) {
            page.getChildren().add(step(number++, step));
        }
        page.getChildren().add(words("Stay out of", "question"));
        for (StayOut stayOut : plan.get().stayOuts()) {
            String why = stayOut.why().isBlank() ? "" : " \u2013 " + stayOut.why();
            page.getChildren()
                    .add(line(
                            words(stayOut.where() + why, "sentence"),
                            button("Change", stayOut.id(), () -> edit(stayOut)),
                            button("Remove", stayOut.id(), () -> model.remove(stayOut.id()))));
        }
        model.cautions().forEach(caution -> page.getChildren().add(words(caution, "quiet")));
        page.getChildren()
                .add(words(
                        "You decide what is fought. Drill submissions slowly, under a qualified coach, and release at the tap; the"
                                + " event\u2019s own rules say what is allowed.",
                        "quiet"));
    }

    private VBox step(int number, PlanStep step) {
        HBox head = line(
                words("%d.  %s: %s".formatted(number, step.situation(), step.choice()), "strong"),
                button("Up", step.id(), () -> model.earlier(step.id())),
                button("Change", step.id(), () -> edit(step)),
                button("Remove", step.id(), () -> model.remove(step.id())));
        VBox box = new VBox(2, head);
        for (Fallback fallback : step.fallbacks()) {
            Label answer = words("if " + fallback.answer(), "other");
            Label then = words(
                    fallback.then().isBlank() ? "not decided yet" : fallback.then(),
                    fallback.then().isBlank() ? "quiet" : "studied");
            answer.setPrefWidth(230);
            HBox row = new HBox(12, answer, then);
            row.setPadding(new javafx.geometry.Insets(0, 0, 0, 22));
            box.getChildren().add(row);
        }
        return box;
    }

    private static HBox line(Label words, Button... buttons) {
        HBox line = new HBox(6, words);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        line.getChildren().addAll(buttons);
        return line;
    }

    private List<Command> commands() {
        return List.of(
                withPlan("add-step", "Write a step of the plan\u2026")
                        .does(() -> edit(new PlanStep(Library.newId(), "", "", List.of()))),
                withPlan("add-stay-out", "Write what to stay out of\u2026")
                        .does(() -> edit(new StayOut(Library.newId(), "", ""))),
                withPlan("card-pdf", "Corner card as PDF\u2026").does(() -> export("pdf", CornerCard::writePdf)),
                withPlan("card-html", "Corner card as HTML\u2026").does(() -> export("html", CornerCard::writeHtml)));
    }

    private Command withPlan(String id, String words) {
        return Command.of(id, words, Where.PLAN)
                .needs(() -> model.planProperty().get().isPresent(), "A plan belongs to a camp: choose one first");
    }

    /** @param line of which it does that */
    private static Button button(String words, String line, Runnable doing) {
        Button button = SameAgain.marked(new Button(words), words + " " + line);
        button.getStyleClass().add("small");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(event -> doing.run());
        return button;
    }

    private static Label words(String text, String style) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        return label;
    }

    private void writeUsual() {
        usual.getChildren().clear();
        if (model.opponentProperty().get().isEmpty()) {
            return;
        }
        usual.getChildren().add(words("Usual answers, as counted", "question"));
        if (model.attacked().isEmpty()) {
            usual.getChildren().add(words("No attack on this opponent has been tagged yet.", "empty-words"));
        }
        for (UsualAnswers.Attacked found : model.attacked()) {
            usual.getChildren()
                    .add(line(
                            words(model.words(found), "sentence"),
                            button(
                                    "Film",
                                    model.words(found),
                                    () -> model.look(
                                            found.replies().get(0).sights().get(0))),
                            button("Plan it", model.words(found), () -> edit(model.stepFrom(found)))));
        }
        usual.getChildren().add(words("Where they score and finish", "question"));
        for (UsualAnswers.Danger danger : model.dangers()) {
            usual.getChildren()
                    .add(line(
                            words(model.words(danger), "sentence"),
                            button(
                                    "Film",
                                    model.words(danger),
                                    () -> model.look(danger.sights().get(0))),
                            button("Stay out", model.words(danger), () -> edit(model.stayOutFrom(danger)))));
        }
    }

    private void edit(PlanStep step) {
        StepForm form = new StepForm(step);
        sheets.lay(new Sheet("A step of the plan", form).with("Keep the step", () -> {
            try {
                model.save(form.step());
                return "";
            } catch (IllegalArgumentException e) {
                return e.getMessage();
            }
        }));
    }

    private void edit(StayOut stayOut) {
        Form form = new Form();
        TextField where = form.text("Where", stayOut.where(), "a place or an exchange");
        TextField why = form.text("Why", stayOut.why(), "what happens there");
        sheets.lay(new Sheet("Stay out of", form).with("Keep it", () -> {
            if (where.getText().isBlank()) {
                return "Say where.";
            }
            model.save(new StayOut(
                    stayOut.id(), where.getText().strip(), why.getText().strip()));
            return "";
        }));
    }

    private void export(String ending, BiConsumer<CornerCard, Destination> writing) {
        model.card()
                .ifPresentOrElse(
                        card -> choosers.save("Corner card", "Corner card", ending, "corner-card." + ending)
                                .ifPresent(target -> model.desk()
                                        .work()
                                        .start(
                                                "Writing the corner card",
                                                (progress, cancelled) -> {
                                                    writing.accept(card, Destination.chosen(target));
                                                    return target;
                                                },
                                                written -> model.desk()
                                                        .messages()
                                                        .say("The corner card was written to " + written),
                                                model.desk().messages()::fail)),
                        () -> model.desk().messages().say("A corner card needs a camp with an opponent."));
    }

    public void begin() {
        Node first = buttons.isVisible() ? addStep : page.lookup("#plan-new-camp");
        first.requestFocus();
    }
}
