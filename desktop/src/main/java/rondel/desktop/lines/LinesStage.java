package rondel.desktop.lines;

import javafx.scene.layout.Region;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.model.Stage;
import rondel.desktop.sheet.SheetView;
import rondel.desktop.stage.StageView;

/** Lines: what will be made and what the checks find, the sheet with its lines, and the tools that make clean outlines. */
public final class LinesStage implements StageView {

    public static final Stage STAGE = new Stage("Lines", true);

    private final Region left;
    private final SheetView sheet;
    private final Region right;
    private final Preview preview;

    public LinesStage(Region left, SheetView sheet, Region right, Preview preview) {
        this.left = left;
        this.sheet = sheet;
        this.right = right;
        this.preview = preview;
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

    @Override
    public void entered() {
        sheet.showLines(true);
    }

    @Override
    public void left(StageView next) {
        preview.end();
        sheet.showLines(false);
    }
}
