package rondel.desktop.run.running;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.desktop.desk.Desk;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.SheetId;
import rondel.run.passes.ChangePass;
import rondel.run.passes.JoinPasses;
import rondel.run.passes.MoveLines;
import rondel.run.passes.MovePass;
import rondel.run.passes.Pass;
import rondel.run.passes.PutPassesBack;
import rondel.run.passes.SplitPass;
import rondel.words.Words;

/** What is done with the passes of a sheet. */
public final class PassActions {

    private final RunModel model;
    private final RunQuestions questions;
    private final Desk desk;

    PassActions(RunModel model, RunQuestions questions) {
        this.model = model;
        this.questions = questions;
        this.desk = model.desk();
    }

    private SheetId sheet() {
        return model.sheet().id();
    }

    /** Changes what is said of the pass that is looked at. */
    public void change(UnaryOperator<PassSettings> change) {
        model.pass().ifPresent(p -> {
            PassSettings after = change.apply(p.settings());
            if (!after.equals(p.settings())) {
                desk.perform(new ChangePass(sheet(), after));
            }
        });
    }

    /** Marks a pass as done, or as still to do. */
    public void done(Pass pass) {
        boolean done = pass.state() == Pass.State.DONE;
        desk.perform(new ChangePass(
                sheet(), pass.settings().withDone(done ? Optional.empty() : Optional.of(pass.fingerprint()))));
    }

    public void skip() {
        change(s -> s.skipped(!s.skipped()));
    }

    /** @param by 1 for later, -1 for earlier */
    public void move(int by) {
        model.pass().ifPresent(p -> {
            int place = place(p.key()) + by;
            if (place >= 1 && place <= model.passes().size()) {
                model.choose(p.key());
                desk.perform(new MovePass(sheet(), p.key(), place));
            }
        });
    }

    private int place(PassKey key) {
        return model.passes().stream().map(Pass::key).toList().indexOf(key) + 1;
    }

    /** Makes the lines of another pass in the one that is looked at. */
    public void join() {
        model.pass().ifPresent(p -> {
            List<Pass> others = model.passes().stream()
                    .filter(o -> !o.isPrint() && !o.key().equals(p.key()))
                    .toList();
            if (p.isPrint() || others.isEmpty()) {
                desk.notices().refuse(Words.of("run.nothingToJoin"));
                return;
            }
            questions
                    .pass(others, Words.of("run.joinTitle", p.name()), Words.of("run.join"))
                    .ifPresent(o -> desk.perform(new JoinPasses(sheet(), p.key(), o)));
        });
    }

    /** Makes the lines that are held in a pass of their own. */
    public void split() {
        model.pass().ifPresent(p -> {
            SplitPass split = new SplitPass(sheet(), p.key(), List.copyOf(model.held()));
            PassKey part = split.part(desk.bench().job());
            desk.perform(split, () -> model.choose(part));
        });
    }

    /** Makes the lines that are held in another pass. */
    public void moveLines() {
        List<Pass> others = model.passes().stream().filter(o -> !o.isPrint()).toList();
        questions
                .pass(others, Words.of("run.linesTitle"), Words.of("run.moveLines"))
                .ifPresent(o -> desk.perform(new MoveLines(sheet(), List.copyOf(model.held()), o)));
    }

    public void putBack() {
        desk.perform(new PutPassesBack(sheet()));
    }
}
