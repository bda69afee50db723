package rondel.desktop.gang;

import javafx.scene.layout.Region;
import rondel.desktop.gang.planning.GangModel;
import rondel.desktop.model.Stage;
import rondel.desktop.sheet.SheetView;
import rondel.desktop.stage.StageView;

/** Gang: what is to be made with counts, the sheets of stock beside each other, and the plan's figures. */
public final class GangStage implements StageView {

    public static final Stage STAGE = new Stage("Gang", true);

    private final Region left;
    private final SheetView sheet;
    private final Region right;
    private final GangModel model;

    public GangStage(GangModel model, Region left, SheetView sheet, Region right) {
        this.model = model;
        this.left = left;
        this.sheet = sheet;
        this.right = right;
    }

    @Override
    public Region left() {
        return left;
    }

    @Override
    public Region middle() {
        return sheet;
    }

    @Override
    public Region right() {
        return right;
    }

    /** Whoever has a plan comes to its sheets; who has none, to what can be laid out. */
    @Override
    public void entered() {
        sheet.showNeighbours(true);
        if (model.desk().bench().selection().isEmpty()
                && model.desk().bench().sheet().planned().isEmpty()) {
            model.plan().ifPresent(p -> model.open(p.id()));
        }
    }

    @Override
    public void left(StageView next) {
        sheet.showNeighbours(false);
    }
}
