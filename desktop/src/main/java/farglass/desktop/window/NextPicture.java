package farglass.desktop.window;

import javafx.animation.AnimationTimer;

/** What is shown now, on its way to the screen. */
public final class NextPicture {
    private NextPicture() {}

    /** Does that once what is shown now was handed to the screen. On the interface thread. */
    public static void once(Runnable then) {
        new AnimationTimer() {
            private boolean begun;

            @Override
            public void handle(long nanos) {
                // It is told before each picture is made: at the second time the first one is.
                if (begun) {
                    stop();
                    then.run();
                }
                begun = true;
            }
        }.start();
    }
}
