package rondel.desktop.sheet;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.QuadCurveTo;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Sheet;

/** The outlines of windows that hold no picture yet: they are seen on the bench and never made. */
final class EmptyWindowLayer extends Pane {

    private Sheet shownSheet;
    private Viewport shownAt;

    EmptyWindowLayer() {
        setMouseTransparent(true);
    }

    void show(Sheet sheet, Viewport viewport) {
        if (sheet == shownSheet && viewport.equals(shownAt)) {
            return;
        }
        shownSheet = sheet;
        shownAt = viewport;
        List<Path> paths = new ArrayList<>();
        sheet.elements().forEach(e -> collect(e, viewport.toScreen(), paths));
        getChildren().setAll(paths);
    }

    private static void collect(Element e, Affine toScreen, List<Path> paths) {
        if (e.hidden() || !(e instanceof GroupElement g)) {
            return;
        }
        Affine own = toScreen.times(g.placement());
        if (g.isEmptyWindow()) {
            g.clip().ifPresent(c -> paths.add(path(c.outline().iterator(own.toAwt(), FillRule.NON_ZERO))));
        }
        g.children().forEach(c -> collect(c, own, paths));
    }

    private static Path path(PathIterator it) {
        List<PathElement> parts = new ArrayList<>();
        double[] c = new double[6];
        for (; !it.isDone(); it.next()) {
            parts.add(
                    switch (it.currentSegment(c)) {
                        case PathIterator.SEG_MOVETO -> new MoveTo(c[0], c[1]);
                        case PathIterator.SEG_LINETO -> new LineTo(c[0], c[1]);
                        case PathIterator.SEG_QUADTO -> new QuadCurveTo(c[0], c[1], c[2], c[3]);
                        case PathIterator.SEG_CUBICTO -> new CubicCurveTo(c[0], c[1], c[2], c[3], c[4], c[5]);
                        default -> new ClosePath();
                    });
        }
        Path path = new Path(parts);
        path.getStyleClass().add("empty-window");
        return path;
    }
}
