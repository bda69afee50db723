package rondel.launcher.demo;

import java.awt.geom.Ellipse2D;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.arrange.SetRole;
import rondel.geometry.Outline;
import rondel.halo.MakeHalo;
import rondel.job.ElementId;
import rondel.job.HaloShape;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.Stroke;
import rondel.shapes.Combine;
import rondel.shapes.Way;
import rondel.units.LengthUnit;

/** A sign in two layers: script lettering that is cut as one, on a board that follows it, with two holes to hang it by and a
 *  small line to be drawn. */
final class LetteringSign {

    private static final Stroke LINE = Stroke.plain(new Rgba(0xb8, 0x44, 0x2f, 255), 0.25);

    private LetteringSign() {}

    static Job make() {
        Making m = new Making(Job.blank("Lettering sign", LengthUnit.IN, 304.8, 152.4));
        ElementId word = m.text("Salt and Sand", "Great Vibes", 62, 152.4, 78, Making.SEA);
        m.then(new Combine(List.of(word), Way.UNITE, false));
        ElementId joined = m.sheet().elements().getLast().id();
        m.then(new SetRole(List.of(joined), Role.CUT));
        HaloShape board = new HaloShape(9, HaloShape.Corners.ROUND, 20, HaloShape.ALL_HOLES, 4, 0.5);
        m.then(new MakeHalo(List.of(joined), board, OptionalDouble.empty(), MakeHalo.Spread.TOGETHER));
        ElementId line = m.sheet().elements().getLast().id();
        m.then(new SetRole(List.of(line), Role.CUT));
        for (double x : new double[] {60, 244}) {
            Outline hole = Outline.of(new Ellipse2D.Double(x - 2, 36, 4, 4));
            ElementId id = m.shape("Hole", hole, new Rgba(255, 255, 255, 0), Optional.of(LINE));
            m.then(new SetRole(List.of(id), Role.CUT));
        }
        ElementId small = m.text("SALTMARSH STUDIO", "Nunito", 7, 152.4, 111, Making.SEA);
        m.then(new SetRole(List.of(small), Role.DRAW));
        return m.job();
    }
}
