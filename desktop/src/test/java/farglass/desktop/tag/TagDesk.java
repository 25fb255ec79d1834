package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.desktop.BlankFilm;
import farglass.desktop.TestDesk;
import farglass.desktop.desk.Messages;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Spot;
import farglass.desktop.screening.Player;
import farglass.desktop.tag.page.TagModel;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;

/** The Tag place without a window: its model on a library of its own, with a film of five minutes. */
public final class TagDesk implements AutoCloseable {
    public static final long SECOND = 1_000_000;
    public static final long END = 300 * SECOND;

    private final TestDesk test;
    private final Player player = new Player(Runnable::run, Runnable::run);
    private final TagModel model;

    public TagDesk(Path folder, Change... changes) throws Exception {
        test = new TestDesk(folder, changes);
        Settings settings = Settings.read(folder.resolve("none"));
        model = test.asked(() -> new TagModel(test.desk(), player, settings));
    }

    /** Adds a bout of Juno (A) and Pip (B) with these moments, one a line. */
    public static Change bout(String id, String... moments) {
        return Change.added(TestDesk.bout(
                "id: %s\nA: Juno\nB: Pip\nfilm: x.mp4\nlength: 5:00\n%s\n".formatted(id, String.join("\n", moments))));
    }

    public void open(String bout) throws Exception {
        test.onScreen(() -> test.desk().navigation().show(new Spot(bout, Optional.empty())));
        test.settle();
        test.onScreen(() -> {
            player.show(Optional.of(new BlankFilm(END)));
            player.seek(0);
        });
    }

    public void seek(long micros) throws Exception {
        test.onScreen(() -> player.seek(micros));
    }

    public void onScreen(Runnable work) throws Exception {
        test.onScreen(work);
    }

    public <T> T asked(Callable<T> question) throws Exception {
        return test.asked(question);
    }

    /** Does it on the interface thread, and waits until all that follows is saved and shown. */
    public void done(Runnable work) throws Exception {
        test.onScreen(work);
        test.settle();
    }

    public void undo() throws Exception {
        test.desk().undo().get();
        test.settle();
    }

    /** {@return the open bout as it is on disk} */
    public Bout saved() throws Exception {
        String id = test.asked(() -> model.open().bout().orElseThrow().id());
        return test.desk().contents().bout(id).orElseThrow();
    }

    /** {@return the ids of the moments chosen, in the order of the bout} */
    public List<String> chosen() throws Exception {
        return test.asked(() -> model.open().bout().orElseThrow().moments().stream()
                .map(Moment::id)
                .filter(model.choice().chosen()::contains)
                .toList());
    }

    public String message() throws Exception {
        return test.asked(() -> test.desk()
                .messages()
                .newestProperty()
                .get()
                .map(Messages.Message::words)
                .orElse(""));
    }

    public TagModel model() {
        return model;
    }

    public Player player() {
        return player;
    }

    public TestDesk test() {
        return test;
    }

    @Override
    public void close() {
        test.close();
    }
}
