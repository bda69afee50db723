package rondel.launcher.demo;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.MirrorToCorners;
import rondel.compose.arrange.Rotate;
import rondel.compose.shadow.SetShadow;
import rondel.compose.sheets.AddGuide;
import rondel.compose.sheets.SetMargins;
import rondel.compose.sheets.SetPaper;
import rondel.compose.slot.ClipWith;
import rondel.compose.slot.FillSlots;
import rondel.compose.slot.MakeSlots;
import rondel.compose.tryout.MakeTryOut;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.units.LengthUnit;

/** A 12 x 12 in scrapbook page: windows with pictures, a clipped pattern, shadows, corners that mirror, and two letterings
 *  to try out for the title. */
final class ScrapbookPage {

    private static final Rgba WHITE = new Rgba(255, 255, 255, 255);
    private static final Shadow SOFT = new Shadow(1.6, 65, 2.6, new Rgba(20, 50, 50, 105));

    private ScrapbookPage() {}

    static Job make() {
        Making m = new Making(Job.blank("Scrapbook page", LengthUnit.IN, 304.8, 304.8));
        m.then(new SetMargins(m.sheet().id(), 3.175, 6.35));
        m.then(new SetPaper(m.sheet().id(), Optional.of(new Rgba(0xf6, 0xef, 0xe1, 255))));
        m.then(new AddGuide(m.sheet().id(), rondel.geometry.Axis.HORIZONTAL, 152.4));
        clippedWash(m);
        photo(m, "pictures/sea-wash.png", new Box(42, 72, 110, 82), -4);
        photo(m, "pictures/sand-wash.png", new Box(164, 98, 92, 68), 3);
        photo(m, "pictures/coral-wash.png", new Box(74, 172, 82, 62), 2);
        cluster(m);
        ElementId kelp = m.place("plants/kelp.svg", 12, 14, 22);
        ElementId coral = m.place("plants/coral.svg", 36, 12, 18);
        ElementId corner = m.then(new Group(List.of(kelp, coral), "Corner")).getFirst();
        m.then(new MirrorToCorners(List.of(corner), Optional.empty(), true));
        ElementId slab = m.text("DAYS BY THE SHORE", "Zilla Slab", 15, 152.4, 46, Making.CORAL);
        ElementId script = m.arched("Days by the shore", "Great Vibes", 24, 420, 152.4, 40, Making.DEEP);
        m.then(new MakeTryOut(List.of(slab, script), "Title"));
        return m.job();
    }

    /** A wash that shows only inside a circle behind the photos. */
    private static void clippedWash(Making m) {
        Outline circle = Outline.of(new java.awt.geom.Ellipse2D.Double(52.4, 62.4, 200, 200));
        ElementId disc = m.shape("Disc", circle, Making.FOAM, Optional.empty());
        ElementId wash = m.place("pictures/sea-wash.png", 40, 70, 224);
        List<ElementId> clipped = m.then(new ClipWith(List.of(disc, wash), disc));
        m.then(new rondel.compose.arrange.Rename(clipped, "Wash in a disc"));
    }

    /** A mount with a window in it, turned a little, with a soft shadow. */
    private static void photo(Making m, String picture, Box box, double turn) {
        ElementId mount = m.box("Mount", box.grown(5), WHITE);
        ElementId slot = m.box("Photo", box, Making.FOAM);
        m.then(new MakeSlots(List.of(slot), Fit.FILL));
        m.then(new FillSlots(List.of(slot), List.of(m.picture(picture))));
        List<ElementId> photo = m.then(new Group(List.of(mount, slot), "Photo on a mount"));
        m.then(new Rotate(photo, turn, Anchor.CENTRE));
        m.then(new SetShadow(photo, Optional.of(SOFT)));
    }

    private static void cluster(Making m) {
        ElementId octopus = m.place("creatures/octopus.svg", 176, 178, 56);
        ElementId shell = m.place("shells/scallop.svg", 226, 222, 26);
        ElementId star = m.place("creatures/starfish.svg", 150, 222, 28);
        m.then(new SetShadow(List.of(octopus, shell, star), Optional.of(SOFT)));
        m.then(new Group(List.of(star, octopus, shell), "Shore finds"));
    }
}
