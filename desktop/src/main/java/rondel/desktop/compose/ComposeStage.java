package rondel.desktop.compose;

import javafx.scene.layout.Region;
import rondel.desktop.model.Stage;
import rondel.desktop.stage.StageView;

/** Compose: the shelf, the sheet, and Measure.
 *
 * @param left the shelf
 * @param middle the sheet
 * @param right Measure */
public record ComposeStage(Region left, Region middle, Region right) implements StageView {

    public static final Stage STAGE = new Stage("Compose", true);
}
