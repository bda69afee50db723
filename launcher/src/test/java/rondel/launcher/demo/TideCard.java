package rondel.launcher.demo;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Group;
import rondel.compose.shadow.SetShadow;
import rondel.compose.sheets.SetMargins;
import rondel.compose.sheets.SetPaper;
import rondel.compose.spacing.Align;
import rondel.compose.spacing.AlignTo;
import rondel.compose.spacing.Edge;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.job.Stroke;
import rondel.units.LengthUnit;

/** The front of a 5 x 7 in card: a whale in a frame, arched lettering, a line below. */
final class TideCard {

    private TideCard() {}

    static Job make() {
        Making m = new Making(Job.blank("Tide card", LengthUnit.IN, 127, 177.8));
        m.then(new SetMargins(m.sheet().id(), 3.175, 6.35));
        m.then(new SetPaper(m.sheet().id(), Optional.of(new Rgba(0xfb, 0xf7, 0xee, 255))));
        ElementId outer = m.rounded(
                "Frame",
                new Box(9.5, 9.5, 108, 158.8),
                6,
                new Rgba(255, 255, 255, 255),
                Optional.of(Stroke.plain(Making.SEA, 0.8)));
        ElementId inner = m.rounded(
                "Frame, inner",
                new Box(12.5, 12.5, 102, 152.8),
                4.5,
                Making.FOAM,
                Optional.of(Stroke.plain(Making.SEA, 0.3)));
        m.then(new Group(List.of(outer, inner), "Frames"));
        ElementId whale = m.place("creatures/whale.svg", 24, 72, 76);
        ElementId waves = m.place("paper/wave-banner.svg", 24, 122, 78);
        m.then(new SetShadow(List.of(whale), Optional.of(new Shadow(1.2, 70, 2, new Rgba(20, 60, 60, 100)))));
        ElementId arch = m.arched("High tide wishes", "Great Vibes", 15, 92, 63.5, 34, Making.DEEP);
        ElementId line = m.text("from the whole of Saltmarsh Studio", "EB Garamond", 5.2, 63.5, 157, Making.DEEP);
        for (ElementId id : List.of(whale, waves, arch, line)) {
            m.then(new Align(List.of(id), Edge.CENTRE, AlignTo.SHEET, Optional.empty(), false));
        }
        return m.job();
    }
}
