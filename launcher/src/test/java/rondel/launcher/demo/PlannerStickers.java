package rondel.launcher.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Pin;
import rondel.compose.arrange.Rename;
import rondel.compose.arrange.RepeatAlong;
import rondel.compose.sheets.SetMargins;
import rondel.compose.sheets.SetPaper;
import rondel.compose.spacing.SetGrid;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Stroke;
import rondel.units.LengthUnit;

/** A page of planner stickers on letter paper: boxes of exactly 1.5 in, headers, date dots, a border of whole waves. */
final class PlannerStickers {

    private static final double BOX = 38.1;
    private static final List<String> ART = List.of(
            "creatures/octopus.svg",
            "creatures/ray.svg",
            "creatures/nautilus.svg",
            "creatures/jellyfish.svg",
            "coast/lighthouse.svg",
            "creatures/seahorse.svg",
            "creatures/puffin.svg",
            "coast/sailboat.svg",
            "creatures/crab.svg");

    private PlannerStickers() {}

    static Job make() {
        Making m = new Making(Job.blank("Planner stickers", LengthUnit.IN, 215.9, 279.4));
        m.then(new SetMargins(m.sheet().id(), 3.175, 6.35));
        m.then(new SetPaper(m.sheet().id(), Optional.of(new Rgba(0xfd, 0xfb, 0xf6, 255))));
        m.text("Low tide week", "Great Vibes", 20, 107.95, 27, Making.DEEP);
        List<ElementId> boxes = new ArrayList<>();
        for (int i = 0; i < ART.size(); i++) {
            boxes.add(box(m, i));
        }
        m.then(new SetGrid(boxes, 3, 9.525, 9.525));
        List<ElementId> days = new ArrayList<>();
        String[] names = {"Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"};
        for (int i = 0; i < names.length; i++) {
            days.add(header(m, names[i], i));
        }
        List<ElementId> dots = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            dots.add(dot(m, i));
        }
        m.then(new SetGrid(dots, 2, 3.175, 3.175));
        m.then(new Group(days, "Days"));
        m.then(new Group(dots, "Dates"));
        m.place("paper/moon-phases.svg", 12, 198, 132);
        m.place("paper/low-tide-label.svg", 12, 220, 62);
        m.placeWithin("paper/tide-table.svg", new Box(84, 219, 60, 38));
        ElementId wave = m.place("paper/tide-strip.svg", 0, 262, 62);
        m.then(new Rename(List.of(wave), "Wave"));
        List<ElementId> border = m.then(new RepeatAlong(List.of(wave), Axis.HORIZONTAL, 0, 215.9, 0, 0, 0.25));
        m.then(new Group(border, "Border"));
        return m.job();
    }

    private static ElementId box(Making m, int i) {
        double x = 12 + i % 3 * 50;
        double y = 40 + i / 3 * 50.0;
        Rgba ground = List.of(Making.FOAM, Making.SAND).get(i % 2);
        ElementId frame = m.rounded(
                "Box 1.5 in", new Box(x, y, BOX, BOX), 3, ground, Optional.of(Stroke.plain(Making.SEA, 0.35)));
        m.then(new Pin(List.of(frame), true));
        ElementId art = m.placeWithin(ART.get(i), new Box(x + 6, y + 5, 26, 28));
        m.then(new rondel.compose.spacing.Align(
                List.of(art, frame),
                rondel.compose.spacing.Edge.MIDDLE,
                rondel.compose.spacing.AlignTo.KEY,
                Optional.of(frame),
                false));
        return m.then(new Group(List.of(frame, art), "Sticker " + (i + 1))).getFirst();
    }

    private static ElementId header(Making m, String name, int i) {
        Box box = new Box(160, 40 + i * 17.0, 44, 12);
        ElementId strip = m.rounded("Strip", box, 6, i % 2 == 0 ? Making.SEA : Making.CORAL, Optional.empty());
        ElementId word = m.text(name, "Playball", 8, 182, box.y() + 8.6, new Rgba(255, 255, 255, 255));
        return m.then(new Group(List.of(strip, word), name)).getFirst();
    }

    private static ElementId dot(Making m, int i) {
        double x = 160 + i % 2 * 14;
        double y = 166 + i / 2 * 11.0;
        ElementId ring = m.rounded(
                "Ring",
                new Box(x, y, 8, 8),
                4,
                new Rgba(255, 255, 255, 255),
                Optional.of(Stroke.plain(Making.DEEP, 0.3)));
        ElementId number = m.text(Integer.toString(i + 1), "Zilla Slab", 4.5, x + 4, y + 5.5, Making.DEEP);
        return m.then(new Group(List.of(ring, number), "Date " + (i + 1))).getFirst();
    }
}
