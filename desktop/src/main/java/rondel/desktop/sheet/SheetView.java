package rondel.desktop.sheet;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import javafx.stage.Window;
import rondel.compose.snap.Snap;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.compose.text.TextInPlace;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Change;
import rondel.desktop.model.SelectionFacts;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Guide;
import rondel.job.Hoop;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.words.Words;

/** The sheet in the middle of the window: paper, artwork, what is selected, rulers. */
public final class SheetView extends Region {

    private static final double ROOM = 30;
    private static final double FADED = 0.4;

    private final Desk desk;
    private final PaperLayer paper = new PaperLayer();
    private final SheetPicture picture;
    private final NeighbourSheets neighbours;
    private boolean beside;
    private int besides;
    private final ShownSheet shown;
    private final CarriedSelection carried;
    private final ParkedVeil veil = new ParkedVeil();
    private final EmptySlotLayer emptySlots = new EmptySlotLayer();
    private final GuideLayer guides = new GuideLayer();
    private final SelectionOverlay overlay = new SelectionOverlay();
    private final GapReadouts readouts;
    private final Ruler across = new Ruler(Orientation.HORIZONTAL);
    private final Ruler down = new Ruler(Orientation.VERTICAL);
    private Viewport viewport = new Viewport(Viewport.TRUE_SIZE, 0, 0);
    private Optional<SheetId> fitted = Optional.empty();
    private Optional<List<Guide>> draggedGuides = Optional.empty();
    private final LineLayer lines;
    private final EditingLayers editing;
    private final MarkLayer markLayer;
    private List<SheetMark> marks = List.of();
    private final HeldTool tool = new HeldTool(this);
    private final SheetGestures gestures;
    private SheetLook looks = SheetLook.USUAL;
    private Runnable onLook = () -> {};

    public SheetView(Desk desk) {
        this.desk = desk;
        this.picture = new SheetPicture(desk.workers(), desk.pictures(), desk.notices());
        this.neighbours = new NeighbourSheets(desk.workers(), desk.pictures(), this::bringIn);
        this.shown = new ShownSheet(desk.bench());
        this.carried = new CarriedSelection(desk, picture, shown);
        getStyleClass().add("sheet-view");
        setId("sheet");
        setAccessibleRole(AccessibleRole.NODE);
        setAccessibleText(Words.of("sheet.accessible"));
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        readouts = new GapReadouts(desk);
        lines = new LineLayer(desk.workers());
        editing = new EditingLayers(desk);
        markLayer = new MarkLayer(id -> desk.bench().select(List.of(id)));
        getChildren()
                .addAll(
                        paper,
                        picture,
                        lines,
                        carried.layer(),
                        emptySlots,
                        veil,
                        neighbours,
                        guides,
                        overlay,
                        editing,
                        tool.layer(),
                        carried.snapLines(),
                        readouts,
                        markLayer,
                        across,
                        down);
        setMinSize(0, 0);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        desk.bench().on(EnumSet.of(Change.WORK), () -> fitted = Optional.empty());
        desk.bench().on(EnumSet.of(Change.JOB, Change.SELECTION, Change.SHEET), this::jobChanged);
        desk.selection().onChange(this::selectionKnown);
        sceneProperty()
                .flatMap(Scene::windowProperty)
                .flatMap(Window::outputScaleXProperty)
                .addListener((o, before, now) -> {
                    if (now != null) {
                        picture.density(now.doubleValue());
                    }
                });
        sceneProperty().flatMap(Scene::focusOwnerProperty).addListener((o, before, now) -> {
            if (now != null && now != this) {
                editing.caret().open().ifPresent(TextInPlace::close); // what is written elsewhere is not written here
            }
        });
        gestures = new SheetGestures(desk, this);
        gestures.listen();
        new CaretInput(this, editing.caret()).listen();
    }

    /** Shows the letters of a text when they are opened, and lets them be dragged. */
    public void offer(LetterChoice choice) {
        editing.letters().offer(choice);
        choice.onChange(this::refreshOverlay);
    }

    /** Lets a text be edited where it stands. */
    public void offer(TextInPlace text) {
        editing.caret().offer(text);
        text.onChange(() -> {
            if (shown.leaveOut(text.lifted())) {
                carried.showRest();
            }
            refreshOverlay();
        });
    }

    /** Shows the points of an outline when they are opened, and lets them be dragged. */
    public void offer(PointChoice choice) {
        editing.points().offer(choice);
        choice.onChange(this::refreshOverlay);
    }

    /** Shows what will be made, with the artwork faded; or the artwork again. */
    public void showLines(boolean on) {
        lines.open(on);
        picture.setOpacity(on ? FADED : 1);
        refresh();
    }

    /** Shows the other sheets of a plan beside the one in the middle, or that one alone. */
    public void showNeighbours(boolean on) {
        beside = on;
        fitted = Optional.empty();
        requestLayout();
    }

    /** A sheet beside the one in the middle comes into its place; nothing moves on the screen. */
    private void bringIn(SheetId id, double right) {
        fitted = Optional.of(id);
        viewport = viewport.panned(right * viewport.scale(), 0);
        picture.look(viewport);
        desk.bench().show(id);
        requestFocus();
    }

    /** How the bench and the paper are shown. */
    public SheetLook looks() {
        return looks;
    }

    /** Shows the bench and the paper otherwise; nothing of it is made. */
    public void show(SheetLook other) {
        getStyleClass().remove(looks.ground().style());
        looks = other;
        getStyleClass().add(looks.ground().style());
        shown.in(looks.colours());
        picture.show(shown.scene());
        refresh();
    }

    EditingLayers editing() {
        return editing;
    }

    /** What is being drawn by hand. */
    public DrawingLayer drawing() {
        return editing.drawing();
    }

    /** Shows why a place that is dragged holds where it does. */
    public void showSnap(List<Snap.Line> held) {
        carried.snapLines().show(held, viewport);
    }

    public void onLook(Runnable action) {
        onLook = action;
    }

    public Viewport viewport() {
        return viewport;
    }

    SelectionOverlay overlay() {
        return overlay;
    }

    public void look(Viewport next) {
        viewport = next;
        picture.look(next);
        refresh();
        onLook.run();
    }

    /** Shows the whole sheet. */
    public void fit() {
        if (getWidth() > 0) {
            look(Viewport.fitting(
                            beside
                                    ? NeighbourSheets.extent(
                                            desk.bench().job(), desk.bench().sheet())
                                    : desk.bench().sheet().trim(),
                            getWidth() - Ruler.THICKNESS,
                            getHeight() - Ruler.THICKNESS,
                            ROOM)
                    .panned(Ruler.THICKNESS, Ruler.THICKNESS));
        }
    }

    public void zoom(double factor) {
        look(viewport.zoomed(factor, getWidth() / 2, getHeight() / 2));
    }

    public void trueSize() {
        zoom(Viewport.TRUE_SIZE / viewport.scale());
    }

    /** The middle of what is visible of the sheet, in mm. */
    public Point middle() {
        Point p = viewport.toSheet(getWidth() / 2, getHeight() / 2);
        Box trim = desk.bench().sheet().trim();
        return new Point(Math.clamp(p.x(), 0, trim.width()), Math.clamp(p.y(), 0, trim.height()));
    }

    /** Runs once everything visible is painted as it should be. */
    public void whenSharp(Runnable action) {
        picture.whenSharp(action);
    }

    public boolean isSharp() {
        return picture.isSharp();
    }

    private void jobChanged() {
        shown.asItIs();
        carried.showRest();
        int run = NeighbourSheets.run(desk.bench().job(), desk.bench().sheet()).size();
        boolean longer = beside && run != besides;
        besides = run;
        if ((longer || fitted.filter(desk.bench().sheet().id()::equals).isEmpty()) && getWidth() > 0) {
            fitted = Optional.of(desk.bench().sheet().id());
            fit();
        }
        refresh();
    }

    private void selectionKnown() {
        carried.arrived();
        refreshOverlay();
    }

    /** Shows the sheet as it would be, or as it is again. */
    public void showPreview(Optional<Job> job) {
        if (shown.as(job)) {
            picture.show(shown.scene());
            refresh();
        }
    }

    /** Lifts the selection off the sheet into a picture of its own that can be dragged. */
    void lift() {
        carried.lift(viewport);
    }

    /** Shows the lifted selection elsewhere. */
    void drag(Affine to, List<Snap.Line> held) {
        carried.drag(to, held, viewport);
        refreshOverlay();
    }

    /** Lets a selection that is being dragged go back to where it was; true where one was. */
    public boolean letGo() {
        return gestures.letGo();
    }

    /** Lets the selection down; its picture stays until the sheet is painted with it. */
    void drop() {
        carried.drop(viewport);
        refreshOverlay();
    }

    /** Lets the selection back to where it was. */
    void putBack() {
        carried.letGo(viewport);
        refreshOverlay();
    }

    @Override
    protected void layoutChildren() {
        for (Region layer : List.of(
                neighbours,
                paper,
                picture,
                lines,
                emptySlots,
                veil,
                guides,
                overlay,
                editing,
                tool.layer(),
                carried.snapLines(),
                readouts)) {
            layer.resizeRelocate(0, 0, getWidth(), getHeight());
        }
        across.resizeRelocate(0, 0, getWidth(), Ruler.THICKNESS);
        down.resizeRelocate(0, 0, Ruler.THICKNESS, getHeight());
        if (fitted.isEmpty() && getWidth() > 0) {
            picture.show(shown.scene());
            fitted = Optional.of(desk.bench().sheet().id());
            fit();
        } else {
            refresh();
        }
    }

    private void refresh() {
        paper.show(desk.bench().sheet(), looks.paper().paint(), viewport);
        neighbours.show(desk.bench().job(), desk.bench().sheet(), viewport, picture.density(), beside);
        emptySlots.show(desk.bench().sheet(), viewport);
        lines.show(shown.sheet(), viewport);
        Sheet sheet = desk.bench().sheet();
        boolean round = desk.bench()
                .job()
                .run()
                .of(sheet.id())
                .sewn()
                .hoop()
                .filter(Hoop::round)
                .isPresent();
        veil.show(sheet, round, viewport, getWidth(), getHeight());
        showGuides();
        markLayer.show(lines.isVisible() ? marks : List.of(), viewport);
        across.show(viewport, desk.bench().job().unit(), getWidth());
        down.show(viewport, desk.bench().job().unit(), getHeight());
        carried.layer().place(viewport);
        refreshOverlay();
    }

    private void refreshOverlay() {
        SelectionFacts facts = desk.selection().facts();
        overlay.show(editing.isOpen() ? Optional.empty() : facts.boxes().around(), carried.moved(), viewport);
        editing.show(carried.isUnderWay(), viewport);
        overlay.showMembers(carried.isUnderWay() ? List.of() : facts.boxes().members(), carried.moved(), viewport);
        readouts.show(
                carried.isUnderWay() || editing.isOpen() ? Optional.empty() : facts.surroundings(),
                viewport,
                desk.bench().job().unit());
    }

    /** Shows marks while what will be made is shown. */
    public void mark(List<SheetMark> other) {
        marks = List.copyOf(other);
        markLayer.show(lines.isVisible() ? marks : List.of(), viewport);
    }

    /** What presses do instead of selecting. */
    public HeldTool tool() {
        return tool;
    }

    /** Shows guides as they are while one is dragged; the sheet's own where nothing is named. */
    void showGuides(Optional<List<Guide>> dragged) {
        draggedGuides = dragged;
        showGuides();
    }

    private void showGuides() {
        guides.show(draggedGuides.orElse(desk.bench().sheet().guides()), viewport, getWidth(), getHeight());
    }
}
