package rondel.desktop.run;

import javafx.scene.layout.Region;
import rondel.desktop.model.Stage;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.stage.StageView;

/** Run: passes in order, what is loaded with its lines and the way of the blade, and the machine. */
public final class RunStage implements StageView {

    public static final Stage STAGE = new Stage("Run", false);

    private final RunModel model;
    private final Region left;
    private final Region middle;
    private final Region right;

    public RunStage(RunModel model, Region left, Region middle, Region right) {
        this.model = model;
        this.left = left;
        this.middle = middle;
        this.right = right;
    }

    @Override
    public Region left() {
        return left;
    }

    @Override
    public Region middle() {
        return middle;
    }

    @Override
    public Region right() {
        return right;
    }

    @Override
    public void entered() {
        model.open(true);
    }

    @Override
    public void left(StageView next) {
        model.open(false);
    }
}
