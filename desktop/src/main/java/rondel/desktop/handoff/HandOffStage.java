package rondel.desktop.handoff;

import javafx.scene.layout.Region;
import rondel.desktop.handoff.making.HandOffModel;
import rondel.desktop.model.Stage;
import rondel.desktop.stage.StageView;

/** Hand off: sets, the files of one as they will be, and what they are made of. */
public final class HandOffStage implements StageView {

    public static final Stage STAGE = new Stage("HandOff", false);

    private final HandOffModel model;
    private final Region left;
    private final Region middle;
    private final Region right;

    public HandOffStage(HandOffModel model, Region left, Region middle, Region right) {
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
