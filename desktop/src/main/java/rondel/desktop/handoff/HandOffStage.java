package rondel.desktop.handoff;

import javafx.scene.layout.Region;
import rondel.desktop.handoff.making.HandOffModel;
import rondel.desktop.model.Stage;
import rondel.desktop.stage.OwnMiddle;

/** Hand off: sets, the files of one as they will be, and what they are made of. */
public final class HandOffStage extends OwnMiddle {

    public static final Stage STAGE = new Stage("HandOff", false);

    public HandOffStage(HandOffModel model, Region left, Region middle, Region right) {
        super(model::open, left, middle, right);
    }
}
