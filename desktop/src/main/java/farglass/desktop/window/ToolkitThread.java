package farglass.desktop.window;

import farglass.desktop.desk.InterfaceThread;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** The toolkit's own thread. */
public final class ToolkitThread implements InterfaceThread {
    @Override
    public void execute(Runnable task) {
        Platform.runLater(task);
    }

    @Override
    public void behindPicture(Runnable task) {
        new AnimationTimer() {
            @Override
            public void handle(long nanos) {
                // It is told before what the picture shows is styled and laid out, and the queue waits until that is
                // done.
                stop();
                ToolkitThread.this.execute(task);
            }
        }.start();
    }
}
