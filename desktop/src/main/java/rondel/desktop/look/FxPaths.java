package rondel.desktop.look;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.QuadCurveTo;
import rondel.geometry.Affine;
import rondel.geometry.Outline;

/** Outlines as the toolkit's paths. */
public final class FxPaths {

    private FxPaths() {}

    public static Path of(Outline outline, Affine affine) {
        List<PathElement> parts = new ArrayList<>();
        double[] c = new double[6];
        PathIterator it = outline.iterator(affine.toAwt(), rondel.geometry.FillRule.NON_ZERO);
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
        path.setFillRule(FillRule.NON_ZERO);
        return path;
    }
}
