package rondel.launcher.demo;

import java.awt.geom.Ellipse2D;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.compose.arrange.Rename;
import rondel.compose.arrange.SetRole;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.lines.combine.SmoothForBlade;
import rondel.lines.combine.ToOutlines;
import rondel.lines.combine.UniteLive;
import rondel.lines.halo.MakeHalo;
import rondel.units.LengthUnit;

/** A sign in two layers: script lettering that is cut as one and can still be reworded, on a board that follows it, with two holes to hang it by and a
 *  small line to be drawn. */
final class LetteringSign {

    private static final Stroke LINE = Stroke.plain(new Rgba(0xb8, 0x44, 0x2f, 255), 0.25);

    private LetteringSign() {}

    static Job make() {
        Making m = new Making(Job.blank("Lettering sign", LengthUnit.IN, 304.8, 152.4));
        ElementId word = m.text("Salt and Sand", "Great Vibes", 48, 149, 80, Making.SEA);
        m.then(new SetRole(List.of(word), Role.CUT));
        ElementId sign = m.then(new UniteLive(List.of(word))).getFirst();
        ElementId joined = m.job().located(sign).element().children().getLast().id();
        m.then(SmoothForBlade.usual(List.of(joined)));
        HaloSettings board = new HaloSettings(9, HaloSettings.Corners.ROUND, 40, HaloSettings.ALL_HOLES, 4, 0.5);
        m.then(new MakeHalo(
                List.of(sign), board, OptionalDouble.empty(), MakeHalo.Spread.TOGETHER, OptionalDouble.empty()));
        ElementId line = m.sheet().elements().getLast().id();
        m.then(new SetRole(List.of(line), Role.CUT));
        m.then(new Rename(List.of(sign), "Lettering"));
        m.then(new Rename(List.of(line), "Board"));
        Outline lettering = ((ShapeElement) m.job().located(joined).element())
                .outline()
                .transformed(m.job().located(joined).ownToSheet());
        for (int side : new int[] {-1, 1}) {
            Point end = end(lettering, side);
            Outline hole = Outline.of(new Ellipse2D.Double(end.x() + side * 4.5 - 1.5, end.y() - 1.5, 3, 3));
            ElementId id = m.shape("Hole", hole, new Rgba(255, 255, 255, 0), Optional.of(LINE));
            m.then(new SetRole(List.of(id), Role.CUT));
        }
        ElementId small = m.text("made by the sea", "Caveat", 12, 152.4, 122, Making.SEA);
        m.then(new ToOutlines(List.of(small), false));
        m.then(new SetRole(List.of(small), Role.DRAW));
        return m.job();
    }

    /** The place furthest to the left or right. */
    private static Point end(Outline outline, int side) {
        return Contour.of(outline).stream()
                .flatMap(c -> c.segments().stream())
                .map(b -> b.start())
                .max(Comparator.comparingDouble(p -> side * p.x()))
                .orElseThrow();
    }
}
