package rondel.desktop.run;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import rondel.desktop.run.running.BladePlace;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.Sending;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.Point;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.run.passes.Pass;
import rondel.run.passes.SheetLine;
import rondel.run.route.Route;
import rondel.run.route.Stroke;

/** Paints what is loaded: the material with what is printed on it, the lines of the pass, and the tool on its way. */
final class LoadedPainting {

    /** How much of what is printed is seen under the lines of another pass. */
    private static final double PALE = 0.3;

    private static final Color FAINT = Color.web("#9a8f78", 0.55);
    private static final Color LINE = Color.web("#16403d");
    private static final Color TRAVEL = Color.web("#2f6fb0", 0.75);
    private static final Color MADE = Color.web("#b8442f");
    private static final Color HELD = Color.web("#1f5f5a");
    private static final Color CASING = Color.web("#fbf8f1", 0.85);
    private static final Color EDGE = Color.web("#8a8068");

    private final RunModel model;
    private final Sending sending;
    private Optional<HalvedImages> artwork = Optional.empty();
    private Optional<HalvedImages> print = Optional.empty();
    private double density = 1;
    private Viewport view = new Viewport(1, 0, 0);

    LoadedPainting(RunModel model, Sending sending) {
        this.model = model;
        this.sending = sending;
    }

    /** @param printable what is printed on the sheet
     *  @param printed what came out of the stand-in
     *  @param pixels how many there are to one of the window's */
    void show(Optional<HalvedImages> printable, Optional<HalvedImages> printed, double pixels) {
        artwork = printable;
        print = printed;
        density = pixels;
    }

    /** The material, what is printed, lines, the way of the tool and what was cut. */
    void ground(GraphicsContext g, Viewport to, boolean travel) {
        view = to;
        RouteDrawing drawing = new RouteDrawing(g, view);
        paper(g);
        Optional<Pass> pass = model.pass();
        artwork(g, pass.filter(Pass::isPrint).isPresent() ? 1 : PALE);
        for (Pass other : model.passes()) {
            if (pass.filter(other::equals).isEmpty()) {
                drawing.pen(FAINT, 1);
                drawing.contours(other.contours());
            }
        }
        pass.filter(Pass::isPrint).flatMap(p -> print).ifPresent(p -> image(g, p));
        pass.filter(p -> !p.isPrint()).ifPresent(p -> {
            Route route = model.planned().map(RunModel.Planned::route).orElse(null);
            if (route == null) {
                drawing.pen(LINE, 1.4);
                drawing.contours(p.contours());
            } else {
                route(drawing, route, travel);
            }
        });
        held(drawing);
    }

    private void paper(GraphicsContext g) {
        Sheet sheet = model.sheet();
        Point corner = view.toScreen(new Point(0, 0));
        double w = sheet.width() * view.scale();
        double h = sheet.height() * view.scale();
        Rgba c = model.pass().map(p -> p.material().colour()).orElse(Rgba.WHITE);
        // A dark film would hide its own lines: what is loaded is shown paler than it is.
        Color shown = Color.rgb(c.red(), c.green(), c.blue()).interpolate(Color.WHITE, 0.72);
        g.setFill(shown);
        g.fillRect(corner.x(), corner.y(), w, h);
        g.setStroke(EDGE);
        g.setLineDashes();
        g.setLineWidth(1);
        g.strokeRect(Math.rint(corner.x()) + 0.5, Math.rint(corner.y()) + 0.5, Math.rint(w), Math.rint(h));
    }

    private void artwork(GraphicsContext g, double opacity) {
        g.setGlobalAlpha(opacity);
        artwork.ifPresent(a -> image(g, a));
        g.setGlobalAlpha(1);
    }

    private void image(GraphicsContext g, HalvedImages images) {
        Sheet sheet = model.sheet();
        Point corner = view.toScreen(new Point(0, 0));
        double w = sheet.width() * view.scale();
        g.drawImage(images.forWidth(w * density), corner.x(), corner.y(), w, sheet.height() * view.scale());
    }

    private void route(RouteDrawing drawing, Route route, boolean travel) {
        if (travel) {
            drawing.pen(TRAVEL, 1, 5, 4);
            Point at = route.home();
            for (Stroke s : route.strokes()) {
                drawing.line(at, s.from());
                at = s.to();
            }
            drawing.line(at, route.home());
        }
        drawing.pen(CASING, 3.2);
        route.strokes().forEach(s -> drawing.line(s.design()));
        drawing.pen(LINE, 1.4);
        route.strokes().forEach(s -> drawing.line(s.design()));
        sending.result().ifPresent(r -> {
            drawing.pen(MADE, 1.1, 6, 4);
            r.lines().forEach(drawing::line);
            drawing.pen(MADE, 1.6);
            r.comparison().rounded().forEach(p -> drawing.ring(p, 7));
            drawing.pen(MADE, 1.2);
            drawing.ring(r.comparison().worst(), 11);
        });
    }

    private void held(RouteDrawing drawing) {
        drawing.pen(HELD, 3.4);
        for (Pass pass : model.passes()) {
            drawing.contours(pass.lines().stream()
                    .filter(l -> model.held().contains(l.path().get(l.onSheet() - 1)))
                    .map(SheetLine::contour)
                    .toList());
        }
    }

    /** What is made up to the time that is shown, and where the tool is then. */
    void blade(GraphicsContext g, Viewport to) {
        Optional<RunModel.Planned> planned = model.planned();
        if (planned.isEmpty()) {
            return;
        }
        double all = planned.get().seconds();
        if (model.at() >= all - 1e-9 && sending.result().isPresent()) {
            return;
        }
        BladePlace place = BladePlace.of(planned.get().route(), planned.get().ends(), model.at());
        List<Stroke> strokes = planned.get().route().strokes();
        RouteDrawing drawing = new RouteDrawing(g, to);
        if (model.at() < all - 1e-9) {
            drawing.pen(MADE, 2);
            strokes.subList(0, place.done()).forEach(s -> drawing.line(s.design()));
            if (place.done() < strokes.size() && place.points() > 0) {
                Stroke now = strokes.get(place.done());
                drawing.line(now.tool(), Math.min(now.tool().size(), place.points()));
            }
        }
        drawing.disc(place.at(), 5.5, CASING);
        drawing.disc(place.at(), 4, place.lowered() ? MADE : LINE);
    }
}
