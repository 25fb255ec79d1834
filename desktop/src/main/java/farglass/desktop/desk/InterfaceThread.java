package farglass.desktop.desk;

import java.util.concurrent.Executor;

/** The thread that all windows are laid out on, as those know it who have work for it. */
@FunctionalInterface
public interface InterfaceThread extends Executor {
    /** Does that behind the next picture; where no pictures are made, behind what is in the queue. On the interface thread only. */
    default void behindPicture(Runnable task) {
        execute(task);
    }
}
