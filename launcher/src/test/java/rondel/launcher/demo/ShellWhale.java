package rondel.launcher.demo;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.Job;
import rondel.lines.filling.FillOutline;
import rondel.units.LengthUnit;

/** A whale to frame: its outline filled with shells, starfish, sand dollars and fish, and a line of lettering. */
final class ShellWhale {

    private static final int ROUNDS = 240;

    private ShellWhale() {}

    static Job make() {
        Making m = new Making(Job.blank("Shell whale", LengthUnit.IN, 254, 203.2));
        ElementId whale = m.shape("Whale", whale(), Making.SEA, Optional.empty());
        List<ElementId> drawings = List.of(
                m.placeWithin("shells/scallop.svg", new Box(20, 168, 18, 18)),
                m.placeWithin("creatures/starfish.svg", new Box(44, 168, 18, 18)),
                m.placeWithin("shells/sand-dollar.svg", new Box(68, 168, 18, 18)),
                m.placeWithin("creatures/fish.svg", new Box(92, 168, 18, 18)));
        m.then(new FillOutline(
                whale,
                drawings,
                new FillingSettings(5.5, 21, OptionalInt.empty(), OptionalDouble.empty(), 180, 0.8, true, 3, ROUNDS)));
        m.text("found at low tide", "Great Vibes", 15, 178, 178, Making.SEA);
        return m.job();
    }

    /** The outline of a whale that looks to the left, 230 mm long. */
    static Outline whale() {
        return new OutlineBuilder()
                .moveTo(24, 92)
                .cubicTo(22, 56, 62, 36, 112, 42)
                .cubicTo(156, 47, 176, 76, 198, 74)
                .cubicTo(203, 60, 196, 46, 184, 34)
                .cubicTo(202, 31, 214, 41, 218, 53)
                .cubicTo(225, 41, 237, 36, 251, 41)
                .cubicTo(244, 56, 237, 72, 226, 81)
                .cubicTo(217, 114, 172, 143, 122, 145)
                .cubicTo(66, 147, 28, 132, 24, 92)
                .close()
                .build();
    }
}
