package rondel.desktop.model;

import java.util.concurrent.Executor;

/** Where edits are worked out.
 *
 * @param direct what edits themselves make, one after another
 * @param following what follows from them, one after another
 * @param window the thread that asks for edits and shows them */
public record EditThreads(Executor direct, Executor following, Executor window) {

    /** All on the thread that asks: an edit is made when asking for it returns. */
    public static final EditThreads SAME = new EditThreads(Runnable::run, Runnable::run, Runnable::run);
}
