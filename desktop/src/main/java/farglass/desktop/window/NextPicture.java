package farglass.desktop.window;

import javafx.animation.AnimationTimer;

/** What is shown now, on its way to the screen. */
final class NextPicture {
    private NextPicture() {}

    /** Does that once what is shown now stands on the screen. On the interface thread. */
    static void once(Runnable then) {
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long nanos) {
                // It is told before each picture is made; while the second one is, the first is drawn on a thread of
                // its own.
                pulses++;
                if (pulses == 3) {
                    stop();
                    then.run();
                }
            }
        }.start();
    }
}
