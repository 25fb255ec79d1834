package farglass.desktop.shell;

import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Messages;
import farglass.desktop.desk.Work;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.binding.Bindings;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/** The state of the work: the newest message, what is running, and what went wrong and was not read yet. */
final class Foot extends HBox {
    /** Time to notice a message, and to read each of its letters. */
    private static final Duration NOTICE = Duration.seconds(4);

    private static final Duration LETTER = Duration.millis(70);

    private final Messages messages;
    private final PauseTransition fading = new PauseTransition();

    /** So long work runs on before it is told of. */
    private static final Duration READABLE = Duration.millis(300);

    /** @param list shows all messages */
    Foot(Desk desk, Runnable list) {
        super(16);
        this.messages = desk.messages();
        Label message = new Label();
        message.setId("message");
        message.setMinWidth(0);
        message.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(message, Priority.ALWAYS);
        Tooltip whole = new Tooltip();
        whole.setWrapText(true);
        whole.setMaxWidth(480);
        messages.newestProperty().addListener((property, old, now) -> show(message, whole, now));
        show(message, whole, messages.newestProperty().get());
        Button problems = new Button();
        problems.setId("problems");
        problems.getStyleClass().addAll("small", "unread");
        problems.textProperty()
                .bind(Bindings.createStringBinding(
                        () -> messages.unreadProperty().get() == 1
                                ? "1 problem: read it"
                                : messages.unreadProperty().get() + " problems: read them",
                        messages.unreadProperty()));
        problems.visibleProperty().bind(messages.unreadProperty().greaterThan(0));
        problems.managedProperty().bind(problems.visibleProperty());
        problems.setMinWidth(Region.USE_PREF_SIZE);
        problems.setOnAction(event -> list.run());
        HBox jobs = new HBox(10);
        jobs.setAlignment(Pos.CENTER_RIGHT);
        desk.work().jobs().addListener((ListChangeListener<Work.Job>) change -> {
            while (change.next()) {
                change.getRemoved().forEach(done -> jobs.getChildren().removeIf(view -> view.getUserData() == done));
                change.getAddedSubList().forEach(begun -> showLater(desk, begun, jobs));
            }
        });
        // Another window of the same library may have begun something.
        desk.work().jobs().forEach(begun -> showLater(desk, begun, jobs));
        Label keys = new Label("F1 help and keys");
        keys.getStyleClass().add("quiet");
        keys.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(message, jobs, problems, keys);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("foot");
    }

    private void show(Label label, Tooltip whole, Optional<Messages.Message> newest) {
        fading.stop();
        label.setText(newest.map(Messages.Message::words).orElse(""));
        whole.setText(label.getText());
        label.setTooltip(newest.isPresent() ? whole : null);
        label.getStyleClass().remove("failure");
        newest.ifPresent(message -> {
            if (message.failure()) {
                label.getStyleClass().add("failure");
                return;
            }
            fading.setDuration(NOTICE.add(LETTER.multiply(message.words().length())));
            fading.setOnFinished(event -> messages.passed(message));
            fading.playFromStart();
        });
    }

    /** Most work is done before anybody could read what it is. */
    private static void showLater(Desk desk, Work.Job job, HBox jobs) {
        PauseTransition wait = new PauseTransition(READABLE);
        wait.setOnFinished(event -> {
            if (desk.work().jobs().contains(job)) {
                HBox view = jobView(job);
                view.setUserData(job);
                jobs.getChildren().add(view);
            }
        });
        wait.play();
    }

    private static HBox jobView(Work.Job job) {
        ProgressBar bar = new ProgressBar();
        bar.progressProperty().bind(job.shareProperty());
        bar.setPrefWidth(90);
        Button stop = new Button("Stop");
        stop.getStyleClass().add("small");
        stop.setOnAction(event -> job.stop());
        Label title = new Label(job.title());
        title.getStyleClass().add("quiet");
        HBox view = job.isStoppable() ? new HBox(6, title, bar, stop) : new HBox(6, title, bar);
        view.setAlignment(Pos.CENTER);
        return view;
    }
}
