package rondel.desktop.run;

import javafx.scene.layout.Region;
import rondel.desktop.model.Stage;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.stage.OwnMiddle;

/** Run: passes in order, what is loaded with its lines and the way of the blade, and the machine. */
public final class RunStage extends OwnMiddle {

    public static final Stage STAGE = new Stage("Run", false);

    public RunStage(RunModel model, Region left, Region middle, Region right) {
        super(model::open, left, middle, right);
    }
}
