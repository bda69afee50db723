package rondel.launcher.demo;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import rondel.compose.arrange.Group;
import rondel.compose.shadow.SetShadow;
import rondel.compose.sheets.AddSheet;
import rondel.compose.sheets.RenameSheet;
import rondel.compose.sheets.SetMargins;
import rondel.compose.sheets.SetPaper;
import rondel.compose.spacing.Align;
import rondel.compose.spacing.AlignTo;
import rondel.compose.spacing.Edge;
import rondel.gang.plan.LayOut;
import rondel.gang.stock.ShippedStocks;
import rondel.geometry.Box;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.FaceName;
import rondel.job.Folding;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.Rgba;
import rondel.job.RowSettings;
import rondel.job.Shadow;
import rondel.job.SheetId;
import rondel.job.StockCount;
import rondel.job.Stroke;
import rondel.job.Way;
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
        SheetId front = m.sheet().id();
        m.then(new RenameSheet(front, "Front"));
        SheetId inside = inside(m);
        SheetId back = back(m);
        Design card = new Design.Flat(
                new Folding(Folding.Kind.HALF_SIDE, 127, 177.8, Folding.Turning.LONG_EDGE, Folding.Score.LINE),
                List.of(
                        new Design.FaceDesign(FaceName.FRONT, new Design.Page(front)),
                        new Design.FaceDesign(FaceName.INSIDE_RIGHT, new Design.Page(inside)),
                        new Design.FaceDesign(FaceName.BACK, new Design.Page(back))),
                Design.Flat.Side.OUTSIDE);
        m.then(new LayOut(
                "Card, both sides",
                List.of(DesignCount.asManyAsFit(card)),
                List.of(new StockCount(ShippedStocks.ALL.get(4), OptionalInt.empty())),
                new Way.Rows(
                        new RowSettings(8, 8, RowSettings.Turns.QUARTER, RowSettings.Alternate.NONE, true),
                        Way.Order.ACROSS,
                        Way.Cutting.OWN),
                new MarkSettings(true, true, false, true, false, 5, 4, 0.1)));
        return m.job();
    }

    private static SheetId inside(Making m) {
        m.then(new AddSheet("Inside", 127, 177.8));
        SheetId inside = m.job().sheets().getLast().id();
        m.on(inside);
        m.then(new SetMargins(inside, 3.175, 6.35));
        m.text("May every tide", "Great Vibes", 12, 63.5, 76, Making.DEEP);
        m.text("leave you something small and good", "EB Garamond", 5.6, 63.5, 90, Making.DEEP);
        m.place("shells/scallop.svg", 53.5, 112, 20);
        return inside;
    }

    private static SheetId back(Making m) {
        m.then(new AddSheet("Back", 127, 177.8));
        SheetId back = m.job().sheets().getLast().id();
        m.on(back);
        m.then(new SetMargins(back, 3.175, 6.35));
        m.place("coast/anchor.svg", 58.5, 138, 10);
        m.text("Saltmarsh Studio", "EB Garamond", 4.6, 63.5, 158, Making.DEEP);
        return back;
    }
}
