package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import rondel.desktop.look.FxPaths;
import rondel.geometry.Outline;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.roles.MadeLines;

/** What will be made of the sheet, each role in its own line pattern, as wide as can be seen however one looks; the paper is
 *  tinted, so that white art and the faded rest stand out from it. */
final class LineLayer extends Pane {

    private final Rectangle tint = PaperLayer.outline("lines-tint");
    private Sheet shownSheet;
    private Viewport shownAt;

    LineLayer() {
        setMouseTransparent(true);
        setVisible(false);
    }

    void show(Sheet sheet, Viewport viewport) {
        if (!isVisible() || sheet == shownSheet && viewport.equals(shownAt)) {
            return;
        }
        Map<Role, Outline> outlines = MadeLines.of(sheet).outlines();
        shownSheet = sheet;
        shownAt = viewport;
        PaperLayer.place(tint, sheet.trim(), viewport);
        List<javafx.scene.Node> nodes = new ArrayList<>(List.of(tint));
        outlines.forEach((role, outline) -> {
            Path path = FxPaths.of(outline, viewport.toScreen());
            path.getStyleClass().addAll("role-line", "role-" + role);
            nodes.add(path);
        });
        getChildren().setAll(nodes);
    }

    void open(boolean on) {
        setVisible(on);
        shownSheet = null;
    }
}
