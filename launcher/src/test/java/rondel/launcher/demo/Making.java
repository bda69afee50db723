package rondel.launcher.demo;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.compose.lettering.AddText;
import rondel.compose.lettering.ArcPath;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.reading.ArtworkReader;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.job.TextAlign;
import rondel.job.Traits;
import rondel.operation.Operation;
import rondel.text.Typesetter;

/** A demo job on its way: each step is an operation, as a person would make it. Lengths in mm. */
final class Making {

    static final Rgba SEA = new Rgba(0x1f, 0x6f, 0x6b, 255);
    static final Rgba DEEP = new Rgba(0x16, 0x40, 0x3d, 255);
    static final Rgba CORAL = new Rgba(0xe2, 0x72, 0x5b, 255);
    static final Rgba SAND = new Rgba(0xf3, 0xe6, 0xcf, 255);
    static final Rgba FOAM = new Rgba(0xdf, 0xea, 0xe6, 255);

    private final ArtworkReader reader = new ArtworkReader(new ShippedFonts());
    private final Typesetter typesetter = new Typesetter(new ShippedFonts());
    private Job job;
    private Optional<SheetId> on = Optional.empty();

    Making(Job blank) {
        job = blank;
    }

    Job job() {
        return job;
    }

    /** The sheet that things are put on: the first, unless another was named. */
    Sheet sheet() {
        return on.map(job::sheet).orElseGet(() -> job.sheets().getFirst());
    }

    void on(SheetId sheet) {
        on = Optional.of(sheet);
    }

    /** Makes an edit; gives what it leaves selected. */
    List<ElementId> then(Operation operation) {
        Job before = job;
        job = UsualEditing.editing().apply(operation, job);
        return operation.selects(before, job);
    }

    /** Places shipped artwork with its top left corner at a place. */
    ElementId place(String name, double x, double y, double width) {
        ArtworkPlacement placement =
                new ArtworkPlacement(OptionalDouble.of(width), OptionalDouble.empty(), Optional.of(new Point(x, y)));
        return then(placement.onto(sheet(), artwork(name)).operation()).getFirst();
    }

    /** Places shipped artwork as large as a box allows, in its middle. */
    ElementId placeWithin(String name, Box box) {
        Artwork artwork = artwork(name);
        double scale = Math.min(box.width() / artwork.width(), box.height() / artwork.height());
        double width = artwork.width() * scale;
        double height = artwork.height() * scale;
        return place(name, box.centre().x() - width / 2, box.centre().y() - height / 2, width);
    }

    Media picture(String name) {
        return artwork(name).media().getFirst();
    }

    private Artwork artwork(String name) {
        try (InputStream in = Making.class.getResourceAsStream("/rondel/demo/artwork/" + name)) {
            return reader.read(in.readAllBytes(), name.substring(name.indexOf('/') + 1));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    ElementId shape(String name, Outline outline, Rgba fill, Optional<Stroke> stroke) {
        ShapeElement shape =
                new ShapeElement(Traits.named(name), outline, FillRule.NON_ZERO, Paint.solid(fill), stroke);
        return then(new rondel.compose.arrange.Place(sheet().id(), List.of(shape), List.of()))
                .getFirst();
    }

    /** A line without a fill. */
    ElementId line(String name, Outline outline, Stroke stroke) {
        ShapeElement shape =
                new ShapeElement(Traits.named(name), outline, FillRule.NON_ZERO, Paint.NONE, Optional.of(stroke));
        return then(new rondel.compose.arrange.Place(sheet().id(), List.of(shape), List.of()))
                .getFirst();
    }

    ElementId box(String name, Box box, Rgba fill) {
        return shape(name, Outline.rectangle(box), fill, Optional.empty());
    }

    ElementId rounded(String name, Box b, double radius, Rgba fill, Optional<Stroke> stroke) {
        Outline outline = Outline.of(
                new java.awt.geom.RoundRectangle2D.Double(b.x(), b.y(), b.width(), b.height(), 2 * radius, 2 * radius));
        return shape(name, outline, fill, stroke);
    }

    ElementId text(String content, String family, double size, double x, double y, Rgba colour) {
        return lettering(middle(content, family, size), x, y, colour);
    }

    ElementId arched(String content, String family, double size, double diameter, double x, double y, Rgba colour) {
        Lettering arch = middle(content, family, size).withPath(Optional.of(ArcPath.of(diameter)));
        return lettering(arch, x, y, colour);
    }

    /** Bold lettering over an arch. */
    ElementId bold(String content, String family, double size, double diameter, double x, double y, Rgba colour) {
        Lettering plain = middle(content, family, size);
        return lettering(
                plain.withFont(new FontChoice(family, 700, false)).withPath(Optional.of(ArcPath.of(diameter))),
                x,
                y,
                colour);
    }

    private static Lettering middle(String content, String family, double size) {
        return Lettering.plain(content, new FontChoice(family, 400, false), size)
                .withAlign(TextAlign.MIDDLE);
    }

    private ElementId lettering(Lettering lettering, double x, double y, Rgba colour) {
        Optional<Outline> outline = Optional.of(typesetter.outline(lettering));
        return then(new AddText(sheet().id(), x, y, lettering, Paint.solid(colour), outline))
                .getFirst();
    }
}
