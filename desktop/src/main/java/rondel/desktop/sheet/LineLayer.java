package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import rondel.desktop.look.FxPaths;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.roles.MadeLines;
import rondel.words.Words;

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
        List<Node> nodes = new ArrayList<>(List.of(tint));
        outlines.forEach((role, outline) -> {
            Path path = FxPaths.of(outline, viewport.toScreen());
            path.getStyleClass().addAll("role-line", "role-" + role);
            nodes.add(path);
            named(role, outline, viewport).ifPresent(nodes::add);
        });
        getChildren().setAll(nodes);
    }

    /** The role's word where its first line begins. */
    private static Optional<Node> named(Role role, Outline outline, Viewport viewport) {
        return Contour.of(outline).stream().findFirst().map(c -> {
            Point at = viewport.toScreen(c.segments().getFirst().start());
            Text word = new Text(at.x() + 5, at.y() - 5, Words.of("role." + role));
            word.getStyleClass().addAll("role-word", "role-word-" + role);
            word.setManaged(false);
            return word;
        });
    }

    void open(boolean on) {
        setVisible(on);
        shownSheet = null;
    }
}
