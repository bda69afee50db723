package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.SewnPart;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.StitchSettings.Parts;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.lines.combine.StrokeOutline;
import rondel.progress.Cancellation;

/** What of a sheet is sewn, from back to front: the fill and the line of everything with the role stitch that is neither hidden nor parked, in copies too. */
final class PartsToSew {

    /** A line that is drawn so wide is sewn over its width, in mm. */
    private static final double NARROWEST_LINE = 0.8;

    private final List<PartToSew> found = new ArrayList<>();
    private final List<ElementId> path = new ArrayList<>();
    private final Known known;

    private PartsToSew(Known known) {
        this.known = known;
    }

    /** What earlier versions of a sheet knew of an element. */
    @FunctionalInterface
    private interface Known {
        PartToSew.Source source(Element e, Asked asked, Supplier<PartToSew.Source> made);
    }

    /** Tells what is sewn of one element apart. */
    private record Asked(Affine placed, boolean line) {}

    /** Known for as long as the sheet stays as it is: the areas of lines are slow to work out. */
    static List<PartToSew> of(Sheet sheet) {
        return sheet.once(PartsToSew.class, s -> {
            PartsToSew parts = new PartsToSew(s::once);
            s.elements().stream().filter(e -> !s.parks(e)).forEach(e -> parts.take(e, Affine.IDENTITY));
            return List.copyOf(parts.found);
        });
    }

    /** What of one element is sewn, as it would lie by itself. */
    static List<PartToSew> of(Element e) {
        PartsToSew parts = new PartsToSew((element, asked, made) -> made.get());
        parts.take(e, Affine.IDENTITY);
        return List.copyOf(parts.found);
    }

    private void take(Element e, Affine around) {
        Cancellation.check();
        if (e.hidden()) {
            return;
        }
        path.add(e.id());
        Affine own = around.times(e.placement());
        switch (e) {
            case ShapeElement s
            when s.role() == Role.STITCH -> add(e, new Drawn(s.outline(), s.rule(), s.fill(), s.stroke()), own);
            case TextElement t
            when t.role() == Role.STITCH ->
                add(e, new Drawn(t.outline(), FillRule.NON_ZERO, t.fill(), t.stroke()), own);
            case CopyElement c -> c.content().group().children().forEach(x -> take(x, own));
            default -> e.children().forEach(x -> take(x, own));
        }
        path.removeLast();
    }

    /** A thing as it is drawn. */
    private record Drawn(Outline outline, FillRule rule, Paint fill, Optional<Stroke> stroke) {
        Optional<Stroke> line() {
            return stroke.filter(s -> s.visible() && s.width() > 0);
        }
    }

    private void add(Element e, Drawn drawn, Affine own) {
        StitchSettings settings = e.traits().stitch().orElse(StitchSettings.USUAL);
        boolean runs =
                settings.kind() == Kind.RUNNING || settings.kind() == Kind.TRIPLE || settings.kind() == Kind.NODES;
        boolean fill = !runs && (drawn.fill().visible() || drawn.line().isEmpty());
        boolean line = runs || drawn.line().isPresent() || settings.parts() == Parts.LINE;
        if (fill && settings.parts() != Parts.LINE) {
            boolean area = drawn.fill().visible() || settings.kind() != Kind.AUTO;
            part(
                    e,
                    new Asked(own, false),
                    () -> new PartToSew.Source(
                            settings,
                            new StitchedElement.Shape(
                                    drawn.outline().transformed(own),
                                    drawn.rule(),
                                    area,
                                    settings.thread().orElseGet(() -> threadOf(drawn.fill())),
                                    e instanceof TextElement)));
        }
        if (line && (settings.parts() != Parts.FILL || runs)) {
            boolean beside = fill && drawn.fill().visible();
            line(e, settings, drawn, own, runs, beside);
        }
    }

    /** A line that is wide enough is sewn over its width.
     *
     * @param beside whether the thing has a fill too, so that its thread is not the line's */
    private void line(Element e, StitchSettings settings, Drawn drawn, Affine own, boolean runs, boolean beside) {
        Paint paint = drawn.line().map(Stroke::paint).orElse(drawn.fill());
        Rgba colour = settings.lineThread()
                .or(() -> beside ? Optional.empty() : settings.thread())
                .orElseGet(() -> threadOf(paint));
        double width = drawn.line().map(s -> s.width() * own.meanScale()).orElse(0.0);
        boolean wide = !runs && width >= NARROWEST_LINE;
        part(
                e,
                new Asked(own, true),
                () -> new PartToSew.Source(
                        settings,
                        wide
                                ? new StitchedElement.Shape(
                                        StrokeOutline.of(
                                                drawn.outline(), drawn.line().orElseThrow(), own),
                                        FillRule.NON_ZERO,
                                        true,
                                        colour,
                                        false)
                                : new StitchedElement.Shape(
                                        drawn.outline().transformed(own), drawn.rule(), false, colour, false)));
    }

    private void part(Element e, Asked asked, Supplier<PartToSew.Source> made) {
        found.add(new PartToSew(new SewnPart(path, asked.line()), known.source(e, asked, made)));
    }

    private static Rgba threadOf(Paint paint) {
        // A thread has one colour: of a gradient, that in its middle.
        Optional<Rgba> solid = paint instanceof Paint.Solid s ? Optional.of(s.colour()) : Optional.empty();
        return solid.or(() -> paint.gradient().map(g -> g.get(g.size() / 2).colour()))
                .orElse(Rgba.BLACK)
                .withAlpha(255);
    }
}
