package rondel.desktop.run;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import rondel.desktop.desk.Derived;
import rondel.desktop.run.play.PassPane;
import rondel.desktop.run.play.PassPicture;
import rondel.desktop.run.play.PlayBar;
import rondel.desktop.run.running.LineAt;
import rondel.desktop.run.running.Printing;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.Sending;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.words.Decimals;
import rondel.words.Words;

/** What is loaded: the material with the lines of the pass, the others faint, the way of the tool, where it is just now, and what was cut. */
public final class LoadedView extends BorderPane implements PassPicture, PassPane.Painting {

    private static final double ROOM = 34;
    private static final double CLICK = 7;

    private final RunModel model;
    private final Sending sending;
    private final Printing printing;
    private final Canvas ground = new Canvas();
    private final Canvas blade = new Canvas();
    private final PassPane pane = new PassPane(this, ground, blade);
    private final PlayBar bar;
    private final CheckBox travel = new CheckBox(Words.of("run.travel"));
    private final Label verdict = new Label();
    private final Derived<SheetImage> painted;
    private final Derived<SheetImage> cameOut;
    private final LoadedPainting painting;
    private Optional<SheetId> fitted = Optional.empty();
    private Optional<SheetImage> print = Optional.empty();
    private Optional<SheetImage> artwork = Optional.empty();

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
        travel.setId("run-travel");
        travel.setSelected(true);
        travel.setOnAction(e -> draw());
        bar = new PlayBar("run", model, this::told, travel);
        setId("run-middle");
        getStyleClass().add("run-loaded");
        pane.setAccessibleText(Words.of("run.loaded"));
        pane.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.LEFT || e.getCode() == KeyCode.RIGHT) {
                bar.step(e.getCode() == KeyCode.RIGHT);
                e.consume();
            }
        });
        setCenter(pane);
        setBottom(below());
        model.onChange(this::follow);
        model.onMoved(this::moved);
        sending.onChange(this::follow);
        printing.onChange(this::follow);
        follow();
    }

    private Region below() {
        verdict.setId("run-verdict");
        verdict.getStyleClass().add("run-verdict");
        verdict.setWrapText(true);
        verdict.managedProperty().bind(verdict.visibleProperty());
        javafx.scene.layout.VBox all = new javafx.scene.layout.VBox(6, verdict, bar);
        all.getStyleClass().add("run-bar");
        return all;
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
        draw();
    }

    private void follow() {
        if (fitted.filter(model.sheet().id()::equals).isEmpty()) {
            fitted = Optional.of(model.sheet().id());
            fit();
        }
        boolean route = model.planned().isPresent();
        bar.ready(route);
        travel.setDisable(!route);
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
                Decimals.of(r.comparison().largest(), 3),
                Decimals.of(r.comparison().mean(), 3),
                Spans.time(r.seconds()));
        int rounded = r.comparison().rounded().size();
        int open = r.comparison().open();
        return said
                + (rounded > 0 ? " " + Words.of("run.rounded", String.valueOf(rounded)) : "")
                + (open > 0 ? " " + Words.of("run.notClosed", String.valueOf(open)) : "");
    }

    private String told() {
        return model.planned().isPresent()
                ? Words.of("run.timeOf", Spans.time(model.at()), Spans.time(model.span()))
                : "";
    }

    private void moved() {
        bar.moved();
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
        painting.ground(g, pane.view(), travel.isSelected());
        drawBlade();
    }

    private void drawBlade() {
        GraphicsContext g = blade.getGraphicsContext2D();
        g.clearRect(0, 0, blade.getWidth(), blade.getHeight());
        painting.blade(g, pane.view());
    }

    @Override
    public void clicked(Point onSheet, boolean adding) {
        model.hold(LineAt.of(model.passes(), onSheet, CLICK / pane.view().scale()), adding);
        draw();
    }
}
