package rondel.desktop.run.sewing;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.desk.Derived;
import rondel.desktop.run.play.PassPane;
import rondel.desktop.run.play.PassPicture;
import rondel.desktop.run.play.PlayBar;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.SewingActions;
import rondel.desktop.run.running.SewnPass;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.SheetId;
import rondel.words.Words;

/** What is sewn, thread by thread, up to any stitch: the cloth in its hoop, and the needle. */
public final class SewingView extends BorderPane implements PassPicture, PassPane.Painting {

    private static final double ROOM = 40;
    private static final double CLICK = 7;

    private final RunModel model;
    private final Canvas ground = new Canvas();
    private final Canvas needle = new Canvas();
    private final PassPane pane = new PassPane(this, ground, needle);
    private final CheckBox jumps = new CheckBox(Words.of("sew.jumps"));
    private final PlayBar bar;
    private final HoopPainting painting;
    private final SewnPixels pixels = new SewnPixels();
    private final Derived<SewnPixels.Seen> painted;
    private Optional<SheetId> fitted = Optional.empty();
    private Optional<SewnPixels.Seen> seen = Optional.empty();

    public SewingView(RunActions actions) {
        this.model = actions.model();
        SewingActions sewing = actions.sewing();
        this.painting = new HoopPainting(model, sewing);
        this.painted = new Derived<>(model.desk().workers(), s -> {
            seen = Optional.of(s);
            draw();
        });
        jumps.setId("sew-jumps");
        jumps.setSelected(true);
        jumps.setOnAction(e -> draw());
        bar = new PlayBar("sew", model, this::told, jumps);
        setId("sew-middle");
        getStyleClass().add("run-loaded");
        pane.setId("sew-picture");
        pane.setAccessibleText(Words.of("sew.picture"));
        pane.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.LEFT || e.getCode() == KeyCode.RIGHT) {
                step(e.getCode() == KeyCode.RIGHT, e.isShiftDown());
                e.consume();
            }
        });
        VBox below = new VBox(bar);
        below.getStyleClass().add("run-bar");
        setCenter(pane);
        setBottom(below);
        model.onChange(this::follow);
        model.onMoved(this::moved);
        follow();
    }

    /** A stitch on or back, or with Shift a hundredth of all. */
    private void step(boolean on, boolean far) {
        if (far) {
            bar.step(on);
        } else {
            model.sewn().ifPresent(s -> model.show(s.when(made(s) + (on ? 1 : -1))));
        }
    }

    private int made(SewnPass s) {
        return s.made(model.at());
    }

    private String told() {
        return model.sewn()
                .map(s -> Words.of(
                        "sew.stitchOf",
                        String.valueOf(s.needled(made(s))),
                        String.valueOf(s.pattern().count()),
                        time(model.at()),
                        time(s.seconds())))
                .orElse("");
    }

    private static String time(double seconds) {
        long s = Math.round(seconds);
        return String.format(java.util.Locale.ROOT, "%d:%02d", s / 60, s % 60);
    }

    @Override
    public Region region() {
        return this;
    }

    @Override
    public void play() {
        bar.play();
    }

    @Override
    public PassPane pane() {
        return pane;
    }

    @Override
    public Box all() {
        return model.sheet().trim();
    }

    @Override
    public double room() {
        return ROOM;
    }

    @Override
    public void looked() {
        look();
    }

    private void follow() {
        if (fitted.filter(model.sheet().id()::equals).isEmpty()) {
            fitted = Optional.of(model.sheet().id());
            seen = Optional.empty();
            fit();
        }
        bar.ready(model.sewn().isPresent());
        moved();
    }

    private void moved() {
        bar.moved();
        look();
    }

    /** Asks for what is seen just now, and shows what there is until it comes. */
    private void look() {
        model.sewn().ifPresent(s -> {
            Viewport from = pane.view();
            int moves = made(s);
            double density = getScene() == null || getScene().getWindow() == null
                    ? 1
                    : getScene().getWindow().getOutputScaleX();
            visible(s)
                    .ifPresent(box ->
                            painted.of(List.of(s, box, moves), () -> pixels.of(s, box, from.scale() * density, moves)));
        });
        draw();
    }

    private Optional<Box> visible(SewnPass s) {
        Point corner = pane.view().toSheet(0, 0);
        Point end = pane.view().toSheet(pane.getWidth(), pane.getHeight());
        return s.pattern().extent().map(b -> b.grown(1)).flatMap(b -> {
            double x = Math.max(corner.x(), b.x());
            double y = Math.max(corner.y(), b.y());
            double w = Math.min(end.x(), b.x() + b.width()) - x;
            double h = Math.min(end.y(), b.y() + b.height()) - y;
            return w > 0 && h > 0 ? Optional.of(new Box(x, y, w, h)) : Optional.empty();
        });
    }

    private void draw() {
        GraphicsContext g = ground.getGraphicsContext2D();
        g.clearRect(0, 0, ground.getWidth(), ground.getHeight());
        painting.ground(g, pane.view());
        seen.filter(s -> model.sewn().isPresent()).ifPresent(s -> {
            Point corner = pane.view().toScreen(new Point(s.box().x(), s.box().y()));
            g.drawImage(
                    s.image(),
                    corner.x(),
                    corner.y(),
                    s.box().width() * pane.view().scale(),
                    s.box().height() * pane.view().scale());
        });
        GraphicsContext over = needle.getGraphicsContext2D();
        over.clearRect(0, 0, needle.getWidth(), needle.getHeight());
        model.sewn().ifPresent(s -> painting.over(over, pane.view(), s, made(s), jumps.isSelected()));
    }

    @Override
    public void clicked(Point onSheet, boolean adding) {
        model.hold(
                model.sewn()
                        .flatMap(
                                s -> StitchAt.of(s, onSheet, CLICK / pane.view().scale())),
                adding);
    }
}
