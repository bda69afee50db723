package rondel.lines.filling;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Overlay;

/** Motifs that tests fill with. */
final class Motifs {

    static final Motif DISC = of(0, new Ellipse2D.Double(0, 0, 10, 10));
    static final Motif BAR = of(1, new Rectangle2D.Double(0, 0, 40, 10));

    private Motifs() {}

    static Motif of(int index, Shape shape) {
        return Motif.of(index, Overlay.united(Outline.of(shape)));
    }
}
