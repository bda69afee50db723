package rondel.launcher.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Place;
import rondel.compose.sheets.SetMargins;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.roles.RolesByLook;
import rondel.units.LengthUnit;

/** Small boxes for shells on a 12 x 12 in mat, as they come from a cutting file: all cut lines in one group, all score lines in
 *  another, waiting to be regrouped by piece. */
final class BoatBoxes {

    private static final Rgba CUT = new Rgba(0xb8, 0x44, 0x2f, 255);
    private static final Rgba SCORE = new Rgba(0x2b, 0x4f, 0x9e, 255);

    private final List<Element> cuts = new ArrayList<>();
    private final List<Element> scores = new ArrayList<>();

    private BoatBoxes() {}

    static Job make() {
        BoatBoxes boxes = new BoatBoxes();
        for (int i = 0; i < 4; i++) {
            boxes.box(Affine.translate(18 + i % 2 * 140, 18 + i / 2 * 98));
        }
        for (int i = 0; i < 5; i++) {
            boxes.tag(Affine.translate(22 + i * 54, 222));
        }
        Making m = new Making(Job.blank("Boat boxes", LengthUnit.IN, 304.8, 304.8));
        m.then(new SetMargins(m.sheet().id(), 0, 6.35));
        List<ElementId> cut = m.then(new Place(m.sheet().id(), boxes.cuts, List.of()));
        m.then(new Group(cut, "Cut lines"));
        List<ElementId> score = m.then(new Place(m.sheet().id(), boxes.scores, List.of()));
        m.then(new Group(score, "Score lines"));
        m.then(new RolesByLook(List.of(
                new RoleRule(Optional.of(CUT), Optional.of(false), OptionalDouble.empty(), Role.CUT),
                new RoleRule(Optional.of(SCORE), Optional.of(true), OptionalDouble.empty(), Role.SCORE))));
        return m.job();
    }

    /** A box laid flat: four sides with a bottom, flaps to glue, and a round window in its front. */
    private void box(Affine at) {
        OutlineBuilder b = new OutlineBuilder().moveTo(0, 20);
        b.lineTo(4, 22).lineTo(4, 20).lineTo(34, 20).lineTo(37, 4).lineTo(61, 4).lineTo(64, 20);
        b.lineTo(94, 20).lineTo(94, 20).lineTo(124, 20).lineTo(124, 60).lineTo(94, 60);
        b.cubicTo(92, 70, 90, 78, 84, 84).lineTo(44, 84).cubicTo(38, 78, 36, 70, 34, 60);
        b.lineTo(4, 60).lineTo(4, 58).lineTo(0, 60).close();
        cut("Box", b.build(), at);
        cut("Porthole", Outline.of(new java.awt.geom.Ellipse2D.Double(55, 31, 18, 18)), at);
        score(4, 20, 4, 60, at);
        score(34, 20, 34, 60, at);
        score(94, 20, 94, 60, at);
        score(34, 20, 64, 20, at);
        score(34, 60, 94, 60, at);
        score(39, 72, 89, 72, at);
    }

    /** A tag that folds in the middle, with a hole for the string. */
    private void tag(Affine at) {
        Outline outline = Outline.of(new java.awt.geom.RoundRectangle2D.Double(0, 0, 42, 66, 8, 8));
        cut("Tag", outline, at);
        cut("Hole", Outline.of(new java.awt.geom.Ellipse2D.Double(18, 5, 6, 6)), at);
        score(0, 36, 42, 36, at);
    }

    private void cut(String name, Outline outline, Affine at) {
        cuts.add(line(name, outline, Stroke.plain(CUT, 0.25), at));
    }

    private void score(double x1, double y1, double x2, double y2, Affine at) {
        Outline line = new OutlineBuilder().moveTo(x1, y1).lineTo(x2, y2).build();
        Stroke dashes =
                new Stroke(Paint.solid(SCORE), 0.25, Stroke.Cap.BUTT, Stroke.Join.MITER, 4, List.of(2.0, 1.0), 0);
        scores.add(line("Fold", line, dashes, at));
    }

    private static Element line(String name, Outline outline, Stroke stroke, Affine at) {
        return new ShapeElement(
                Traits.named(name), outline.transformed(at), FillRule.NON_ZERO, Paint.NONE, Optional.of(stroke));
    }
}
