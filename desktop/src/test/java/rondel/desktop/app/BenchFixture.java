package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.desktop.files.DemoJobs;
import rondel.desktop.look.Theme;
import rondel.desktop.model.Bench;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.Shelf;
import rondel.formats.shelf.StarterShelf;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.units.LengthUnit;

/** The real window, driven through the real toolkit; only the dialogs are answered by the test. */
abstract class BenchFixture extends SwiftRobot {

    protected final Answers answers = new Answers();
    protected Bench bench;
    protected BenchWindow window;
    protected Notices notices;
    protected Desk desk;

    @TempDir
    protected Path ownFonts;

    @TempDir
    private Path ownShelf;

    private Workers workers;

    @Override
    public void start(Stage stage) {
        Theme.install();
        workers = new Workers();
        notices = new Notices();
        bench = new Bench(Job.blank("Test page", LengthUnit.IN, 304.8, 304.8), workers.edits());
        desk = new Desk(bench, workers, PictureLevels.usual(), notices);
        window = new BenchWindow(
                desk, answers, answers, new ArtworkReader(new FontsAtHand(ownFonts)), this::shelf, stages());
        stage.setScene(new Scene(window, 1280, 800));
        stage.show();
        window.sheet().requestFocus();
    }

    private Shelf shelf() {
        Path folder = ownShelf.resolve("shelf");
        return hasStarterShelf() ? StarterShelf.open(folder) : Shelf.open(folder);
    }

    /** Whether the shelf has the artwork that ships: its pictures take longer to paint than most tests to run. */
    boolean hasStarterShelf() {
        return false;
    }

    /** The stages that the window has. */
    List<StageEntry> stages() {
        return StageEntry.ALL;
    }

    /** Once the shelf is unpacked, which a short test doesn't wait for, and into whose folder it would still be written. */
    @AfterEach
    void closeWorkers() throws Exception {
        waitUntil(() -> window.shelf().isLoaded());
        window.close();
        workers.close();
    }

    /** Whether edits, or what views show of the selection, are still being worked out. */
    @Override
    protected boolean isBusy() {
        return !bench.isSettled() || !workers.isDerived();
    }

    /** Waits until nothing is read, painted or written any more. */
    protected void calm() throws Exception {
        settle();
        waitUntil(window::isIdle);
        settle();
    }

    /** So long, in s, even on a machine that does much else, nothing takes. */
    private static final int HANGS = 120;

    static void waitUntil(BooleanSupplier onFx) throws Exception {
        WaitForAsyncUtils.waitFor(HANGS, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(onFx::getAsBoolean)
                .get());
    }

    /** Opens one of the jobs that ship, by its name. */
    protected void openDemo(String name) throws Exception {
        Job job = DemoJobs.all().stream()
                .filter(d -> d.name().equals(name))
                .findFirst()
                .orElseThrow()
                .read();
        onFx(() -> bench.open(job, Optional.empty()));
    }

    /** What is looked at on a stage. */
    @FunctionalInterface
    protected interface Looking {

        /** @param where the demo and the stage */
        void at(String where) throws Exception;
    }

    /** Looks at every stage of each of some demos, with the frontmost thing of the sheet held. */
    protected void onEachStage(List<String> demos, Looking look) throws Exception {
        for (String demo : demos) {
            openDemo(demo);
            for (StageEntry entry : StageEntry.ALL) {
                run(entry.stage().command());
                calm();
                onFx(() ->
                        bench.select(List.of(bench.sheet().elements().getLast().id())));
                calm();
                look.at(demo + " " + entry.stage().id());
            }
        }
    }

    /** What the checks find, as it is listed in Lines. */
    protected List<Finding> findings() {
        return lookup("#findings").<ListView<Finding>>query().getItems();
    }

    /** What the status bar says. */
    protected String notice() {
        return lookup("#notice").queryAs(Labeled.class).getText();
    }

    protected void onFx(Runnable action) {
        interact(action);
    }

    /** Drags a thing from the shelf so that its middle comes to a place on the sheet, in mm. */
    protected void dragFromShelf(String thing, double x, double y) throws Exception {
        calm();
        find(thing);
        calm();
        drag("#shelf-" + thing);
        moveTo(screen(new Point(x, y)));
        drop();
        calm();
    }

    private void find(String thing) {
        clickOn("#find").push(KeyCode.SHORTCUT, KeyCode.A).write(thing.replace('-', ' '));
        settle();
    }

    /** Where a place on the sheet is on the screen. */
    protected javafx.geometry.Point2D screen(Point mm) {
        Point p = window.sheet().viewport().toScreen(mm);
        return window.sheet().localToScreen(p.x(), p.y());
    }

    /** A drag over the sheet with keys held: the Headless robot's mouse does not tell of them. */
    protected void dragHolding(KeyCode held, Point from, Point... to) {
        onFx(() -> {
            mouse(MouseEvent.MOUSE_PRESSED, from, held);
            for (Point p : to) {
                mouse(MouseEvent.MOUSE_DRAGGED, p, held);
            }
            Point last = to.length == 0 ? from : to[to.length - 1];
            mouse(MouseEvent.MOUSE_RELEASED, last, held);
        });
        settle();
    }

    protected void clickHolding(KeyCode held, Point at) {
        dragHolding(held, at);
    }

    private void mouse(EventType<MouseEvent> type, Point mm, KeyCode held) {
        Point local = window.sheet().viewport().toScreen(mm);
        javafx.geometry.Point2D p = window.sheet().localToScene(local.x(), local.y());
        boolean down = type != MouseEvent.MOUSE_RELEASED;
        MouseEvent event = new MouseEvent(
                type,
                p.getX(),
                p.getY(),
                p.getX(),
                p.getY(),
                MouseButton.PRIMARY,
                1,
                held == KeyCode.SHIFT,
                held == KeyCode.CONTROL,
                held == KeyCode.ALT,
                false,
                down,
                false,
                false,
                true,
                false,
                type != MouseEvent.MOUSE_DRAGGED,
                null);
        window.sheet().fireEvent(event);
    }

    protected void type(String field, String text) {
        clickOn(field).push(KeyCode.SHORTCUT, KeyCode.A).write(text).push(KeyCode.ENTER);
        settle();
    }

    protected void keys(KeyCode... codes) {
        onFx(() -> window.sheet().requestFocus());
        push(codes);
        settle();
    }

    /** Does what a command does, as its row in a menu would. */
    protected void run(String command) {
        onFx(() -> window.commands().get(command).run());
        settle();
    }

    protected void select(String... ids) {
        onFx(() -> bench.select(Stream.of(ids).map(ElementId::new).toList()));
        settle();
    }

    protected Element only() {
        return bench.selected().getFirst().element();
    }

    protected Box boxOf(ElementId id) {
        return Extent.onSheet(bench.job().located(id)).orElseThrow();
    }

    protected Node focused() {
        return window.getScene().getFocusOwner();
    }

    /** Presses Tab until the keyboard is in the group of something, then arrow keys until it is there; a person would hear its name. */
    protected void keyboardTo(String id) {
        for (int i = 0; i < 60; i++) {
            if (isInGroupOf(id) && (arrowsTo(id, KeyCode.RIGHT) || arrowsTo(id, KeyCode.LEFT))) {
                return;
            }
            push(KeyCode.TAB);
            settle();
        }
        throw new AssertionError("the keyboard never comes to " + id + "; it is at " + focused());
    }

    private boolean arrowsTo(String id, KeyCode arrow) {
        for (int k = 0; k < 24; k++) {
            Node before = focused();
            if (before != null && id.equals(before.getId())) {
                return true;
            }
            push(arrow);
            settle();
            if (focused() == before) {
                break;
            }
        }
        return false;
    }

    private boolean isInGroupOf(String id) {
        Node now = focused();
        Node wanted = window.lookup("#" + id);
        return now != null
                && wanted != null
                && (now == wanted
                        || now.getProperties().get("rondel.roving") != null
                                && now.getProperties().get("rondel.roving")
                                        == wanted.getProperties().get("rondel.roving"));
    }
}
