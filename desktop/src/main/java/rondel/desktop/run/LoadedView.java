package rondel.desktop.run;

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
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import rondel.desktop.desk.Derived;
import rondel.desktop.run.running.LineAt;
import rondel.desktop.run.running.Printing;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.Sending;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.words.Words;

/** What is loaded: the material with the lines of the pass, the others faint, the way of the tool, where it is just now, and what was cut. */
public final class LoadedView extends BorderPane {

    private static final double ROOM = 34;
    private static final double CLICK = 7;

    /** How long a pass is shown to take at most while it is played, in s. */
    private static final double LONGEST_SHOW = 24;

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
    private final Derived<SheetImage> painted;
    private final Derived<SheetImage> cameOut;
    private final LoadedPainting painting;
    private final AnimationTimer player;
    private Viewport view = new Viewport(2, 0, 0);
    private Optional<SheetId> fitted = Optional.empty();
    private Optional<SheetImage> print = Optional.empty();
    private Optional<SheetImage> artwork = Optional.empty();
    private double pressedX;
    private double pressedY;
    private boolean dragged;
    private boolean playing;
    private boolean moving;

    /** A picture of a whole sheet. */
    private record SheetImage(SheetId sheet, HalvedImages image) {}

    public LoadedView(RunActions actions) {
        this.model = actions.model();
        this.sending = actions.sending();
        this.printing = actions.printing();
        this.painted = new Derived<>(model.desk().workers(), a -> {
            artwork = Optional.of(a);
            draw();
        });
        this.cameOut = new Derived<>(model.desk().workers(), a -> {
            print = Optional.of(a);
            draw();
        });
        this.painting = new LoadedPainting(model, sending);
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
        printing.printed()
                .ifPresent(p -> cameOut.of(List.of(p), () -> new SheetImage(p.sheet(), HalvedImages.of(p.image()))));
        if (model.isKnown()) {
            Sheet sheet = model.sheet();
            Job job = model.desk().bench().job();
            painted.of(
                    List.of(sheet),
                    () -> new SheetImage(
                            sheet.id(),
                            PrintedArtwork.of(job, sheet, model.desk().pictures())));
        }
        Optional<Sending.Result> result = sending.result();
        verdict.setVisible(result.isPresent());
        result.ifPresent(r -> verdict.setText(verdict(r)));
        moved();
        draw();
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
        double density = getScene() == null || getScene().getWindow() == null
                ? 1
                : getScene().getWindow().getOutputScaleX();
        SheetId sheet = model.sheet().id();
        painting.show(
                artwork.filter(a -> a.sheet().equals(sheet)).map(SheetImage::image),
                print.filter(a -> a.sheet().equals(sheet)).map(SheetImage::image),
                density);
        GraphicsContext g = ground.getGraphicsContext2D();
        g.clearRect(0, 0, ground.getWidth(), ground.getHeight());
        painting.ground(g, view, travel.isSelected());
        drawBlade();
    }

    private void drawBlade() {
        GraphicsContext g = blade.getGraphicsContext2D();
        g.clearRect(0, 0, blade.getWidth(), blade.getHeight());
        painting.blade(g, view);
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
