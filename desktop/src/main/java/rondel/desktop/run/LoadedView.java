package rondel.desktop.run;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import rondel.desktop.desk.Derived;
import rondel.desktop.run.running.BladePlace;
import rondel.desktop.run.running.LineAt;
import rondel.desktop.run.running.Printing;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.Sending;
import rondel.desktop.sheet.ScenePainting;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.passes.Pass;
import rondel.run.passes.SheetLine;
import rondel.run.route.Route;
import rondel.run.route.Stroke;
import rondel.words.Words;

/** What is loaded: the material with the lines of the pass, the others faint, the way of the tool, where it is just now, and what was cut. */
public final class LoadedView extends BorderPane {

    private static final double ROOM = 34;
    private static final double CLICK = 7;

    /** How much of what is printed is seen under the lines of another pass. */
    private static final double PALE = 0.3;

    /** How long a pass is shown to take at most while it is played, in s. */
    private static final double LONGEST_SHOW = 24;

    private static final Color FAINT = Color.web("#9a8f78", 0.55);
    private static final Color LINE = Color.web("#16403d");
    private static final Color TRAVEL = Color.web("#2f6fb0", 0.75);
    private static final Color MADE = Color.web("#b8442f");
    private static final Color HELD = Color.web("#1f5f5a");
    private static final Color CASING = Color.web("#fbf8f1", 0.85);
    private static final Color EDGE = Color.web("#8a8068");

    private final RunActions actions;
    private final RunModel model;
    private final Sending sending;
    private final Printing printing;
    private final Canvas ground = new Canvas();
    private final Canvas blade = new Canvas();
    private final Pane pane = new Pane(ground, blade);
    private final Slider time = new Slider();
    private final Button play = new Button(Words.of("run.play"));
    private final Label told = new Label();
    private final CheckBox travel = new CheckBox(Words.of("run.travel"));
    private final Label verdict = new Label();
    private final Derived<Artwork> painted;
    private final AnimationTimer player;
    private Viewport view = new Viewport(2, 0, 0);
    private Optional<SheetId> fitted = Optional.empty();
    private Optional<BufferedImage> printed = Optional.empty();
    private Optional<Image> print = Optional.empty();
    private Optional<Artwork> artwork = Optional.empty();
    private double pressedX;
    private double pressedY;
    private boolean dragged;
    private boolean playing;
    private boolean moving;

    /** What is printed on a sheet, as a picture of all of it. */
    private record Artwork(SheetId sheet, Image image) {}

    public LoadedView(RunActions actions) {
        this.actions = actions;
        this.model = actions.model();
        this.sending = actions.sending();
        this.printing = actions.printing();
        this.painted = new Derived<>(model.desk().workers(), a -> {
            artwork = Optional.of(a);
            draw();
        });
        setId("run-middle");
        getStyleClass().add("run-loaded");
        pane.setMinSize(0, 0);
        pane.setFocusTraversable(true);
        pane.setAccessibleText(Words.of("run.loaded"));
        pane.widthProperty().addListener(o -> resized());
        pane.heightProperty().addListener(o -> resized());
        pane.setOnScroll(e -> {
            view = view.zoomed(Math.pow(1.0015, e.getDeltaY()), e.getX(), e.getY());
            draw();
        });
        pane.setOnMousePressed(this::pressed);
        pane.setOnMouseDragged(this::dragged);
        pane.setOnMouseReleased(this::released);
        pane.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.LEFT || e.getCode() == KeyCode.RIGHT) {
                model.show(Math.clamp(
                        model.at() + (e.getCode() == KeyCode.LEFT ? -1 : 1) * seconds() / 100, 0, seconds()));
                e.consume();
            }
        });
        player = new AnimationTimer() {
            private long last;

            @Override
            public void start() {
                last = 0;
                super.start();
            }

            @Override
            public void handle(long now) {
                double passed = last == 0 ? 0 : (now - last) / 1e9;
                last = now;
                double pace = Math.max(1, seconds() / LONGEST_SHOW);
                double to = model.at() + passed * pace;
                model.show(Math.min(to, seconds()));
                if (to >= seconds()) {
                    play(false);
                }
            }
        };
        setCenter(pane);
        setBottom(below());
        model.onChange(this::follow);
        model.onMoved(this::moved);
        sending.onChange(this::follow);
        printing.onChange(this::follow);
        follow();
    }

    private Region below() {
        play.setId("run-play");
        play.setOnAction(e -> play(!playing));
        time.setId("run-time");
        time.setAccessibleText(Words.of("run.time"));
        time.setTooltip(new Tooltip(Words.of("run.time")));
        HBox.setHgrow(time, Priority.ALWAYS);
        time.valueProperty().addListener((o, before, now) -> {
            if (!moving) {
                model.show(now.doubleValue());
            }
        });
        told.setId("run-told");
        told.setMinWidth(Region.USE_PREF_SIZE);
        travel.setId("run-travel");
        travel.setSelected(true);
        travel.setOnAction(e -> draw());
        verdict.setId("run-verdict");
        verdict.getStyleClass().add("run-verdict");
        verdict.setWrapText(true);
        verdict.managedProperty().bind(verdict.visibleProperty());
        HBox bar = new HBox(10, play, time, told, travel);
        bar.setAlignment(Pos.CENTER_LEFT);
        javafx.scene.layout.VBox all = new javafx.scene.layout.VBox(6, verdict, bar);
        all.getStyleClass().add("run-bar");
        return all;
    }

    private double seconds() {
        return model.planned().map(RunModel.Planned::seconds).orElse(0.0);
    }

    private void play(boolean on) {
        playing = on && seconds() > 0;
        play.setText(Words.of(playing ? "run.halt" : "run.play"));
        if (playing) {
            if (model.at() >= seconds() - 1e-6) {
                model.show(0);
            }
            player.start();
        } else {
            player.stop();
        }
    }

    /** Plays the way of the tool, or halts it. */
    public void play() {
        play(!playing);
    }

    private void resized() {
        for (Canvas c : List.of(ground, blade)) {
            c.setWidth(pane.getWidth());
            c.setHeight(pane.getHeight());
        }
        fit();
    }

    /** Shows all of what is loaded. */
    public void fit() {
        if (pane.getWidth() > 0 && pane.getHeight() > 0) {
            view = Viewport.fitting(model.sheet().trim(), pane.getWidth(), pane.getHeight(), ROOM);
            draw();
        }
    }

    /** Shows it as large as it is. */
    public void trueSize() {
        zoom(Viewport.TRUE_SIZE / view.scale());
    }

    public void zoom(double factor) {
        view = view.zoomed(factor, pane.getWidth() / 2, pane.getHeight() / 2);
        draw();
    }

    private void follow() {
        if (fitted.filter(model.sheet().id()::equals).isEmpty()) {
            fitted = Optional.of(model.sheet().id());
            fit();
        }
        boolean route = model.planned().isPresent();
        play.setDisable(!route);
        time.setDisable(!route);
        travel.setDisable(!route);
        if (!route && playing) {
            play(false);
        }
        if (printing.printed() != printed && !printing.printed().equals(printed)) {
            printed = printing.printed();
            print = printed.map(LoadedView::image);
        }
        if (model.isKnown()) {
            Sheet sheet = model.sheet();
            Job job = model.desk().bench().job();
            painted.of(
                    List.of(sheet),
                    () -> new Artwork(
                            sheet.id(),
                            PrintedArtwork.of(job, sheet, model.desk().pictures())));
        }
        Optional<Sending.Result> result = sending.result();
        verdict.setVisible(result.isPresent());
        result.ifPresent(r -> verdict.setText(verdict(r)));
        moved();
        draw();
    }

    private static Image image(BufferedImage picture) {
        BufferedImage copy =
                new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        copy.createGraphics().drawImage(picture, 0, 0, null);
        return ScenePainting.image(copy);
    }

    private static String verdict(Sending.Result r) {
        String said = Words.of(
                "run.verdict",
                String.format(java.util.Locale.ROOT, "%.3f", r.comparison().largest()),
                String.format(java.util.Locale.ROOT, "%.3f", r.comparison().mean()),
                Spans.time(r.seconds()));
        int rounded = r.comparison().rounded().size();
        int open = r.comparison().open();
        return said
                + (rounded > 0 ? " " + Words.of("run.rounded", String.valueOf(rounded)) : "")
                + (open > 0 ? " " + Words.of("run.notClosed", String.valueOf(open)) : "");
    }

    private void moved() {
        moving = true;
        time.setMax(Math.max(1e-6, seconds()));
        time.setValue(model.at());
        moving = false;
        told.setText(
                model.planned().isPresent()
                        ? Words.of("run.timeOf", Spans.time(model.at()), Spans.time(seconds()))
                        : "");
        drawBlade();
    }

    private void draw() {
        GraphicsContext g = ground.getGraphicsContext2D();
        g.clearRect(0, 0, ground.getWidth(), ground.getHeight());
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
        pass.filter(Pass::isPrint).ifPresent(p -> print(g));
        pass.filter(p -> !p.isPrint()).ifPresent(p -> {
            Route route = model.planned().map(RunModel.Planned::route).orElse(null);
            if (route == null) {
                drawing.pen(LINE, 1.4);
                drawing.contours(p.contours());
            } else {
                route(drawing, route);
            }
        });
        held(drawing);
        drawBlade();
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
        Sheet sheet = model.sheet();
        Point corner = view.toScreen(new Point(0, 0));
        g.setGlobalAlpha(opacity);
        artwork.filter(a -> a.sheet().equals(sheet.id()))
                .ifPresent(a -> g.drawImage(
                        a.image(),
                        corner.x(),
                        corner.y(),
                        sheet.width() * view.scale(),
                        sheet.height() * view.scale()));
        g.setGlobalAlpha(1);
    }

    private void print(GraphicsContext g) {
        Sheet sheet = model.sheet();
        Point corner = view.toScreen(new Point(0, 0));
        print.ifPresent(i ->
                g.drawImage(i, corner.x(), corner.y(), sheet.width() * view.scale(), sheet.height() * view.scale()));
    }

    private void route(RouteDrawing drawing, Route route) {
        if (travel.isSelected()) {
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

    private void drawBlade() {
        GraphicsContext g = blade.getGraphicsContext2D();
        g.clearRect(0, 0, blade.getWidth(), blade.getHeight());
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
        RouteDrawing drawing = new RouteDrawing(g, view);
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
            draw();
        }
    }

    private void released(MouseEvent e) {
        if (!dragged) {
            Point at = view.toSheet(e.getX(), e.getY());
            model.hold(LineAt.of(model.passes(), at, CLICK / view.scale()), e.isShiftDown() || e.isShortcutDown());
            draw();
        }
    }
}
