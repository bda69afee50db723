package rondel.launcher.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rondel.compose.arrange.SetRole;
import rondel.compose.sheets.AddSheet;
import rondel.compose.sheets.RenameSheet;
import rondel.compose.sheets.SetMargins;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.names.NameListFile;
import rondel.formats.names.NameTable;
import rondel.gang.names.AddNames;
import rondel.gang.names.FillNames;
import rondel.gang.names.NameDesigns;
import rondel.gang.plan.LayOut;
import rondel.gang.stock.ShippedStocks;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Design;
import rondel.job.ElementId;
import rondel.job.FaceName;
import rondel.job.Folding;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.NameList;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RowSettings;
import rondel.job.SheetId;
import rondel.job.StockCount;
import rondel.job.Stroke;
import rondel.job.Way;
import rondel.units.LengthUnit;

/** Fold-over tags for jars of sea salt, each with the name of the beach that it is from. */
final class SaltJarTags {

    private static final List<String> BEACHES = List.of(
            "Heron Strand",
            "Cockle Bay",
            "Samphire Cove",
            "Lantern Point",
            "Old Groyne",
            "Whistling Sands",
            "Otter Slip",
            "Saltpan Reach",
            "The Long Spit",
            "Curlew Flats",
            "Marram Hollow",
            "Widgeon Creek",
            "Sandling Bar",
            "Kittiwake Head",
            "Tern Island",
            "Drift End",
            "Seven Posts",
            "Bladderwrack Bay",
            "Oyster Hard",
            "Shingle Street End",
            "Moonrise Cove",
            "Eelgrass Lagoon",
            "Ferryman’s Landing",
            "Far Beacon");

    private static final double WIDE = 38;
    private static final double HIGH = 50;

    private SaltJarTags() {}

    static Job make() {
        Making m = new Making(Job.blank("Salt jar tags", LengthUnit.MM, WIDE, HIGH));
        m.then(new RenameSheet(m.sheet().id(), "Front"));
        m.then(new SetMargins(m.sheet().id(), 2, 3));
        m.box("Ground", new Box(-2, -2, WIDE + 4, HIGH + 4), Making.FOAM);
        hole(m);
        m.place("shells/scallop.svg", 11.5, 11, 15);
        ElementId name = m.text("Heron Strand", "Great Vibes", 6.6, WIDE / 2, 36, Making.DEEP);
        m.text("sea salt", "EB Garamond", 4.6, WIDE / 2, 43.5, Making.SEA);
        m.then(new AddSheet("Back", WIDE, HIGH));
        SheetId back = m.job().sheets().getLast().id();
        m.then(new SetMargins(back, 2, 3));
        m.on(back);
        m.box("Ground", new Box(-2, -2, WIDE + 4, HIGH + 4), Making.SEA);
        hole(m);
        m.place("paper/wave-banner.svg", 5, 12, 28);
        m.text("raked by hand", "EB Garamond", 4.6, WIDE / 2, 29, Making.FOAM);
        m.text("at low tide", "EB Garamond", 4.6, WIDE / 2, 34.5, Making.FOAM);
        m.text("Saltmarsh Studio", "Nunito", 2.6, WIDE / 2, 44, Making.SAND);
        Design front = new Design.Page(m.job().sheets().getFirst().id());
        NameList list = list(m, front, name);
        m.then(new LayOut(
                "Tags for 24 jars",
                NameDesigns.of(list, row -> flat(row, new Design.Page(back))),
                List.of(new StockCount(ShippedStocks.ALL.getFirst(), OptionalInt.empty())),
                new Way.Rows(
                        new RowSettings(5, 5, RowSettings.Turns.NONE, RowSettings.Alternate.NONE, true),
                        Way.Order.ACROSS,
                        Way.Cutting.BOXES),
                new MarkSettings(false, true, true, true, true, 3, 2, 0.1)));
        return m.job();
    }

    private static void hole(Making m) {
        ElementId hole = m.shape(
                "Hole",
                Outline.of(new java.awt.geom.Ellipse2D.Double(WIDE / 2 - 2, 4, 4, 4)),
                new Rgba(0, 0, 0, 0),
                Optional.of(Stroke.plain(Making.CORAL, 0.25)));
        m.then(new SetRole(List.of(hole), Role.CUT));
    }

    private static NameList list(Making m, Design front, ElementId name) {
        List<List<String>> rows = new ArrayList<>();
        BEACHES.forEach(b -> rows.add(List.of(b)));
        NameList plain =
                NameListFile.list(m.job(), front, new NameTable(List.of("Beach"), rows), "Beaches", Optional.empty());
        NameList mapped = new NameList(
                plain.id(),
                plain.name(),
                plain.template(),
                plain.source(),
                plain.columns(),
                List.of(new NameList.Blank("Beach", name, OptionalDouble.of(WIDE - 6), 2)),
                plain.count(),
                plain.rows());
        FillNames.Filled filled = new NameListFile(new ShippedFonts()).filled(m.job(), mapped);
        AddNames add = new AddNames(filled.list(), List.of());
        NameList added = add.added(m.job());
        m.then(add);
        return added;
    }

    private static Design flat(Design front, Design back) {
        return new Design.Flat(
                new Folding(Folding.Kind.TAG, WIDE, HIGH, Folding.Turning.LONG_EDGE, Folding.Score.LINE),
                List.of(new Design.FaceDesign(FaceName.FRONT, front), new Design.FaceDesign(FaceName.BACK, back)),
                Design.Flat.Side.OUTSIDE);
    }
}
