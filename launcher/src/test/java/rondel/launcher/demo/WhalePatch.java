package rondel.launcher.demo;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.SetRole;
import rondel.compose.sheets.SetPaper;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.StitchSettings.Letters;
import rondel.job.StitchSettings.Underlay;
import rondel.job.Stroke;
import rondel.run.stitch.CentreInHoop;
import rondel.run.stitch.SetHoop;
import rondel.run.stitch.SetStitch;
import rondel.run.stitch.ShippedHoops;
import rondel.units.LengthUnit;

/** A patch to sew on: a whale over waves with lettering around it, in three threads, in a hoop of 4 x 4 inches. */
final class WhalePatch {

    private static final Rgba LINEN = new Rgba(0xef, 0xe6, 0xd2, 255);
    private static final Rgba FOAM = new Rgba(0xf7, 0xfb, 0xf8, 255);
    private static final double MIDDLE = 50;
    private static final double RIM = 43;

    private WhalePatch() {}

    static Job make() {
        Making m = new Making(Job.blank("Whale patch", LengthUnit.MM, 100, 100));
        m.then(new SetPaper(m.sheet().id(), Optional.of(LINEN)));
        m.then(new SetHoop(m.sheet().id(), Optional.of(ShippedHoops.ALL.getFirst())));
        ElementId whale = m.shape(
                "Whale",
                ShellWhale.whale().transformed(Affine.translate(16, 28).times(Affine.scale(0.272, 0.272))),
                Making.SEA,
                Optional.empty());
        ElementId belly = m.shape("Belly", belly(), FOAM, Optional.empty());
        ElementId eye = m.shape("Eye", oval(29.6, 50.4, 2.2), FOAM, Optional.empty());
        ElementId spout = line(m, "Spout", spout(), Making.CORAL, 1.1);
        ElementId near = line(m, "Near wave", wave(25, 71.5, 50), Making.CORAL, 1.5);
        ElementId far = line(m, "Far wave", wave(31, 76, 38), Making.CORAL, 1.5);
        ElementId rim = line(m, "Rim", circle(RIM), Making.CORAL, 3.4);
        ElementId words = m.bold("LOW TIDE", "Nunito", 10.5, 66, MIDDLE, 21, Making.SEA);
        List<ElementId> all = List.of(whale, belly, eye, spout, near, far, rim, words);
        m.then(new SetRole(all, Role.STITCH));
        StitchSettings fill = StitchSettings.USUAL
                .withKind(Kind.FILL)
                .withUnderlay(List.of(Underlay.EDGE, Underlay.CROSSING))
                .withAngle(20);
        m.then(new SetStitch(List.of(whale), Optional.of(fill)));
        m.then(new SetStitch(List.of(belly), Optional.of(fill.withAngle(-25).withUnderlay(List.of(Underlay.EDGE)))));
        m.then(new SetStitch(
                List.of(rim), Optional.of(StitchSettings.USUAL.withUnderlay(List.of(Underlay.EDGE, Underlay.ZIGZAG)))));
        m.then(new SetStitch(List.of(words), Optional.of(StitchSettings.USUAL.withLetters(Letters.MIDDLE))));
        m.then(new CentreInHoop(m.sheet().id()));
        return m.job();
    }

    private static ElementId line(Making m, String name, Outline outline, Rgba colour, double width) {
        return m.line(name, outline, Stroke.plain(colour, width));
    }

    private static Outline oval(double x, double y, double size) {
        return Outline.of(new java.awt.geom.Ellipse2D.Double(x - size / 2, y - size / 2, size, size));
    }

    private static Outline circle(double radius) {
        return oval(MIDDLE, MIDDLE, 2 * radius);
    }

    /** The lower third of the whale, a little inside of its edge. */
    private static Outline belly() {
        return new OutlineBuilder()
                .moveTo(24.2, 57)
                .cubicTo(34, 60.5, 46, 61.5, 62, 55.5)
                .cubicTo(58, 63, 52, 65.6, 46, 65.9)
                .cubicTo(36, 66.3, 27.5, 63, 24.2, 57)
                .close()
                .build();
    }

    private static Outline spout() {
        return new OutlineBuilder()
                .moveTo(38, 37.5)
                .cubicTo(38, 33.5, 36, 31, 32.5, 31.5)
                .moveTo(38, 37.5)
                .cubicTo(38.2, 33, 41, 30.6, 44, 32)
                .build();
    }

    private static Outline wave(double x, double y, double length) {
        OutlineBuilder wave = new OutlineBuilder().moveTo(x, y);
        int crests = (int) Math.round(length / 12.5);
        double step = length / crests;
        for (int i = 0; i < crests; i++) {
            double at = x + i * step;
            wave = wave.cubicTo(at + step * 0.3, y - 4, at + step * 0.7, y + 4, at + step, y);
        }
        return wave.build();
    }
}
