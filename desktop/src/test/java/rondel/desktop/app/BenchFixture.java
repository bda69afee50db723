package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.event.EventType;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;
import rondel.desktop.colour.RecolourForm;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.glyphs.GlyphPick;
import rondel.desktop.glyphs.GlyphSheet;
import rondel.desktop.model.Bench;
import rondel.desktop.repeat.MirrorForm;
import rondel.desktop.repeat.RepeatForm;
import rondel.desktop.sheets.GuideForm;
import rondel.desktop.sheets.SheetForm;
import rondel.desktop.shelf.ThingForm;
import rondel.desktop.space.SpacingForm;
import rondel.desktop.template.FillInForm;
import rondel.formats.artwork.ArtworkReader;
import rondel.formats.export.ExportFormat;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.picture.PictureLevels;
import rondel.formats.shelf.StarterShelf;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.RoleRule;
import rondel.template.Blanks;
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

    private Workers workers;

    /** What the person would say in dialogs. */
    static final class Answers implements FileChoices, Questions {
        Path job;
        List<Path> artwork = List.of();
        List<Path> fonts = List.of();
        Path export;
        Optional<UnaryOperator<SheetForm>> sheet = Optional.empty();
        boolean recover = true;
        Optional<SpacingForm> spacing = Optional.empty();
        Optional<UnaryOperator<ThingForm>> thing = Optional.empty();
        Optional<GuideForm> guide = Optional.empty();
        Optional<Function<Blanks, FillInForm>> fillIn = Optional.empty();
        Optional<UnaryOperator<List<RoleRule>>> roles = Optional.empty();
        Optional<UnaryOperator<List<Paint.Stop>>> stops = Optional.empty();
        UnaryOperator<MirrorForm> mirror = UnaryOperator.identity();
        Optional<RepeatForm> repeat = Optional.empty();
        Optional<Integer> alternative = Optional.empty();
        int compared;
        Optional<Function<GlyphSheet, GlyphPick>> glyph = Optional.empty();
        Optional<Function<Rgba, RecolourForm>> recolour = Optional.empty();
        ExportChoice choice = new ExportChoice(ExportFormat.PDF, false, 150, false);

        @Override
        public Optional<Path> jobToOpen() {
            return Optional.ofNullable(job);
        }

        @Override
        public Optional<Path> jobToSave(String suggested) {
            return Optional.ofNullable(job);
        }

        @Override
        public List<Path> artworkToPlace() {
            return artwork;
        }

        @Override
        public List<Path> fontsToAdd() {
            return fonts;
        }

        @Override
        public Optional<Path> exportTarget(String suggested) {
            return Optional.ofNullable(export);
        }

        @Override
        public Unsaved unsaved(String title) {
            return Unsaved.DISCARD;
        }

        @Override
        public Optional<Job> newJob() {
            return Optional.of(Job.blank("Fresh", LengthUnit.MM, 210, 297));
        }

        @Override
        public Optional<SheetForm> newSheet(SheetForm suggested, LengthUnit unit) {
            return sheet.map(change -> change.apply(suggested));
        }

        @Override
        public Optional<SheetForm> sheet(SheetForm now, LengthUnit unit) {
            return sheet.map(change -> change.apply(now));
        }

        @Override
        public Optional<SpacingForm> spacing(int count, Box box, LengthUnit unit) {
            return spacing;
        }

        @Override
        public Optional<RecolourForm> recolour(Rgba now, boolean anySelected) {
            return recolour.map(make -> make.apply(now));
        }

        @Override
        public Optional<FillInForm> fillIn(Blanks blanks, Supplier<Optional<Path>> choosePicture) {
            return fillIn.map(fill -> fill.apply(blanks));
        }

        @Override
        public Optional<List<RoleRule>> roles(List<RoleRule> looks, LengthUnit unit) {
            return roles.map(change -> change.apply(looks));
        }

        @Override
        public Optional<List<Paint.Stop>> stops(List<Paint.Stop> now) {
            return stops.map(change -> change.apply(now));
        }

        @Override
        public Optional<MirrorForm> mirror(MirrorForm suggested, LengthUnit unit) {
            return Optional.of(mirror.apply(suggested));
        }

        @Override
        public Optional<RepeatForm> repeat(LengthUnit unit) {
            return repeat;
        }

        @Override
        public Optional<Integer> sideBySide(List<Image> pictures, int shown) {
            compared = pictures.size();
            return alternative;
        }

        @Override
        public Optional<GlyphPick> glyph(GlyphSheet sheet) {
            return glyph.map(choose -> choose.apply(sheet));
        }

        @Override
        public Optional<ThingForm> thing(ThingForm now, List<String> sets, String heading, String go) {
            return thing.map(change -> change.apply(now));
        }

        @Override
        public Optional<GuideForm> guide(LengthUnit unit) {
            return guide;
        }

        @Override
        public Optional<ExportChoice> export(boolean anySelected) {
            return Optional.of(choice);
        }

        @Override
        public boolean recover(String title, int edits) {
            return recover;
        }
    }

    @Override
    public void start(Stage stage) {
        Theme.install();
        workers = new Workers();
        notices = new Notices();
        bench = new Bench(Job.blank("Test page", LengthUnit.IN, 304.8, 304.8));
        desk = new Desk(bench, workers, PictureLevels.usual(), notices);
        window = new BenchWindow(
                desk,
                answers,
                answers,
                new ArtworkReader(new FontsAtHand(ownFonts)),
                () -> StarterShelf.open(ownFonts.resolveSibling(ownFonts.getFileName() + "-shelf")));
        stage.setScene(new Scene(window, 1280, 800));
        stage.show();
        window.sheet().requestFocus();
    }

    @AfterEach
    void closeWorkers() {
        window.close();
        workers.close();
    }

    /** Waits until nothing is read, painted or written any more. */
    protected void calm() throws Exception {
        settle();
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> {
            boolean[] idle = new boolean[1];
            WaitForAsyncUtils.asyncFx(() -> idle[0] = window.isIdle()).get();
            return idle[0];
        });
        settle();
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
}
