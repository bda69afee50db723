package rondel.desktop.command;

import rondel.desktop.run.running.RunActions;

/** Commands that run passes. */
final class RunCommands {

    private final Commands all;
    private final RunActions run;

    RunCommands(Commands all, RunActions run) {
        this.all = all;
        this.run = run;
    }

    void add() {
        all.put("sendPass", run::canSend, run::send);
        all.put("pauseRun", () -> run.machine().isRunning(), () -> {
            if (run.machine().isPaused()) {
                run.machine().goOn();
            } else {
                run.machine().pause();
            }
        });
        all.put("stopRun", () -> run.machine().isRunning(), () -> run.machine().stop());
        all.put("savePass", run::canSave, run::save);
        all.put("scanMarks", () -> true, run::scan);
        all.put("passEarlier", run::hasPass, () -> run.passes().move(-1));
        all.put("passLater", run::hasPass, () -> run.passes().move(1));
        all.put("joinPass", run::hasPass, run.passes()::join);
        all.put("splitPass", run::holdsLines, run.passes()::split);
        all.put("linesToPass", run::holdsLines, run.passes()::moveLines);
        all.put("putPassesBack", () -> true, run.passes()::putBack);
        all.put("materialRules", () -> true, run.making()::rules);
        all.put("materialsByColour", () -> true, run.making()::byColour);
        all.put("lineMaterial", run::holdsLines, run.making()::lineMaterial);
    }
}
