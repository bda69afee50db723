package rondel.desktop.run.sewing;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.desk.Derived;
import rondel.desktop.run.play.PassPicture;
import rondel.desktop.run.play.PlayBar;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.SewingActions;
import rondel.desktop.run.running.SewnPass;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.SheetId;
import rondel.words.Words;

/** What is sewn, thread by thread, up to any stitch: the cloth in its hoop, and the needle. */
public final class SewingView extends BorderPane implements PassPicture {

    private static final double ROOM = 40;
    private static final double CLICK = 7;

    private final RunModel model;
    private final Canvas ground = new Canvas();
    private final Canvas needle = new Canvas();
    private final Pane pane = new Pane(ground, needle);
    private final CheckBox jumps = new CheckBox(Words.of("sew.jumps"));
    private final PlayBar bar;
    private final HoopPainting painting;
    private final SewnPixels pixels = new SewnPixels();
    private final Derived<SewnPixels.Seen> painted;
    private Viewport view = new Viewport(2, 0, 0);
    private Optional<SheetId> fitted = Optional.empty();
    private Optional<SewnPixels.Seen> seen = Optional.empty();
    private double pressedX;
    private double pressedY;
    private boolean dragged;

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
        pane.setMinSize(0, 0);
        pane.setFocusTraversable(true);
        pane.setAccessibleText(Words.of("sew.picture"));
        pane.widthProperty().addListener(o -> resized());
        pane.heightProperty().addListener(o -> resized());
        pane.setOnScroll(e -> zoom(Math.pow(1.0015, e.getDeltaY()), e.getX(), e.getY()));
        pane.setOnMousePressed(this::pressed);
        pane.setOnMouseDragged(this::dragged);
        pane.setOnMouseReleased(this::released);
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
    public void fit() {
        if (pane.getWidth() > 0 && pane.getHeight() > 0) {
            view = Viewport.fitting(model.sheet().trim(), pane.getWidth(), pane.getHeight(), ROOM);
            look();
        }
    }

    @Override
    public void trueSize() {
        zoom(Viewport.TRUE_SIZE / view.scale());
    }

    @Override
    public void zoom(double factor) {
        zoom(factor, pane.getWidth() / 2, pane.getHeight() / 2);
    }

    private void zoom(double factor, double x, double y) {
        view = view.zoomed(factor, x, y);
        look();
    }

    private void resized() {
        for (Canvas c : List.of(ground, needle)) {
            c.setWidth(pane.getWidth());
            c.setHeight(pane.getHeight());
        }
        fit();
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
            Viewport from = view;
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
        Point corner = view.toSheet(0, 0);
        Point end = view.toSheet(pane.getWidth(), pane.getHeight());
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
        painting.ground(g, view);
        seen.filter(s -> model.sewn().isPresent()).ifPresent(s -> {
            Point corner = view.toScreen(new Point(s.box().x(), s.box().y()));
            g.drawImage(
                    s.image(),
                    corner.x(),
                    corner.y(),
                    s.box().width() * view.scale(),
                    s.box().height() * view.scale());
        });
        GraphicsContext over = needle.getGraphicsContext2D();
        over.clearRect(0, 0, needle.getWidth(), needle.getHeight());
        model.sewn().ifPresent(s -> painting.over(over, view, s, made(s), jumps.isSelected()));
    }

    private void pressed(MouseEvent e) {
        pane.requestFocus();
        pressedX = e.getX();
        pressedY = e.getY();
        dragged = false;
    }

    private void dragged(MouseEvent e) {
        if (dragged || Math.hypot(e.getX() - pressedX, e.getY() - pressedY) > 3) {
            dragged = true;
            view = view.panned(e.getX() - pressedX, e.getY() - pressedY);
            pressedX = e.getX();
            pressedY = e.getY();
            look();
        }
    }

    private void released(MouseEvent e) {
        if (!dragged) {
            Optional<ElementId> at =
                    model.sewn().flatMap(s -> StitchAt.of(s, view.toSheet(e.getX(), e.getY()), CLICK / view.scale()));
            model.hold(at, e.isShiftDown() || e.isShortcutDown());
        }
    }
}
