package rondel.desktop.run.running;

import java.util.List;

/** What a machine does with what it was sent, as the window shows it. */
public interface MachineRun {

    boolean isRunning();

    boolean isPaused();

    void pause();

    void goOn();

    void stop();

    /** What was said, the newest last. */
    List<String> log();

    /** Which share of the pass that is looked at is made, from 0 to 1. */
    double share();
}
