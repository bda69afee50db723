package rondel.desktop.run.sewing;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import rondel.desktop.look.FxColours;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.SewingActions;
import rondel.desktop.run.running.SewnPass;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.Point;
import rondel.job.Hoop;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.ThreadRun;

/** Paints the cloth in its hoop, and over the stitches what is held, jumps and the needle. */
final class HoopPainting {

    /** How wide the rim of a hoop is shown, in mm. */
    private static final double RIM = 5;

    private static final Color WOOD = Color.web("#c7a878");
    private static final Color WOOD_EDGE = Color.web("#8f744a");
    private static final Color EDGE = Color.web("#8a8068");
    private static final Color MIDDLE = Color.web("#16403d", 0.25);
    private static final Color HELD = Color.web("#1f5f5a", 0.9);
    private static final Color JUMP = Color.web("#2f6fb0", 0.8);
    private static final Color NEEDLE = Color.web("#b8442f");
    private static final Color CASING = Color.web("#fbf8f1", 0.9);

    private final RunModel model;
    private final SewingActions sewing;

    HoopPainting(RunModel model, SewingActions sewing) {
        this.model = model;
        this.sewing = sewing;
    }

    void ground(GraphicsContext g, Viewport view) {
        Sheet sheet = model.sheet();
        Optional<Hoop> hoop = sewing.settings().hoop();
        Rgba cloth = sheet.paper()
                .orElseGet(() -> model.pass().map(p -> p.material().colour()).orElse(Rgba.WHITE));
        Point corner = view.toScreen(new Point(0, 0));
        double w = sheet.width() * view.scale();
        double h = sheet.height() * view.scale();
        double rim = hoop.isPresent() ? RIM * view.scale() : 0;
        boolean round = hoop.filter(Hoop::round).isPresent();
        if (rim > 0) {
            fill(g, WOOD, corner.x() - rim, corner.y() - rim, w + 2 * rim, h + 2 * rim, round);
            g.setStroke(WOOD_EDGE);
            g.setLineDashes();
            g.setLineWidth(1);
            edge(g, corner.x() - rim, corner.y() - rim, w + 2 * rim, h + 2 * rim, round);
        }
        fill(g, FxColours.of(cloth), corner.x(), corner.y(), w, h, round);
        g.setStroke(rim > 0 ? WOOD_EDGE : EDGE);
        g.setLineDashes();
        g.setLineWidth(1);
        edge(g, corner.x(), corner.y(), w, h, round);
        g.setStroke(MIDDLE);
        g.setLineDashes(4, 4);
        g.strokeLine(corner.x() + w / 2, corner.y(), corner.x() + w / 2, corner.y() + h);
        g.strokeLine(corner.x(), corner.y() + h / 2, corner.x() + w, corner.y() + h / 2);
        g.setLineDashes();
    }

    private static void fill(GraphicsContext g, Color colour, double x, double y, double w, double h, boolean round) {
        g.setFill(colour);
        if (round) {
            g.fillOval(x, y, w, h);
        } else {
            g.fillRoundRect(x, y, w, h, 10, 10);
        }
    }

    private static void edge(GraphicsContext g, double x, double y, double w, double h, boolean round) {
        if (round) {
            g.strokeOval(x, y, w, h);
        } else {
            g.strokeRoundRect(x, y, w, h, 10, 10);
        }
    }

    void over(GraphicsContext g, Viewport view, SewnPass sewn, int made, boolean jumps) {
        List<Stitch> all = sewn.stitches();
        if (jumps) {
            g.setStroke(JUMP);
            g.setLineWidth(1.2);
            g.setLineDashes(5, 4);
            for (int i = 1; i < Math.min(made, all.size()); i++) {
                if (all.get(i).move() != Stitch.Move.SEW) {
                    line(g, view, all.get(i - 1).at(), all.get(i).at());
                }
            }
            g.setLineDashes();
        }
        held(g, view, sewn);
        if (made < all.size()) {
            Point p = view.toScreen(sewn.needle(made));
            g.setFill(CASING);
            g.fillOval(p.x() - 5.5, p.y() - 5.5, 11, 11);
            g.setFill(NEEDLE);
            g.fillOval(p.x() - 3.5, p.y() - 3.5, 7, 7);
        }
    }

    private void held(GraphicsContext g, Viewport view, SewnPass sewn) {
        if (model.held().isEmpty()) {
            return;
        }
        g.setStroke(HELD);
        g.setLineWidth(1.5);
        for (ThreadRun run : sewn.pattern().runs()) {
            for (int i = 0; i < run.parts().size(); i++) {
                if (run.parts().get(i).part().path().stream().anyMatch(model.held()::contains)) {
                    box(g, view, run.stitches(i));
                }
            }
        }
    }

    private static void box(GraphicsContext g, Viewport view, List<Stitch> stitches) {
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (Stitch s : stitches) {
            Point p = view.toScreen(s.at());
            left = Math.min(left, p.x());
            top = Math.min(top, p.y());
            right = Math.max(right, p.x());
            bottom = Math.max(bottom, p.y());
        }
        g.setStroke(CASING);
        g.setLineWidth(3.5);
        g.strokeRoundRect(left - 4, top - 4, right - left + 8, bottom - top + 8, 6, 6);
        g.setStroke(HELD);
        g.setLineWidth(1.5);
        g.strokeRoundRect(left - 4, top - 4, right - left + 8, bottom - top + 8, 6, 6);
    }

    private static void line(GraphicsContext g, Viewport view, Point a, Point b) {
        Point p = view.toScreen(a);
        Point q = view.toScreen(b);
        g.strokeLine(p.x(), p.y(), q.x(), q.y());
    }
}
