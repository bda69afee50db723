package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.start.StartCard;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.LineLook;
import rondel.formats.export.RasterSize;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Edge;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.ShapeElement;
import rondel.job.TextElement;

/** What somebody does who has never seen the window: docs/first-hour.md tells the same. No shortcut, no menu bar. */
class FirstHourTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    private static final int MOST_CLICKS = 40;

    @TempDir
    private Path folder;

    private StartCard start;
    private int clicks;

    @Override
    public void start(Stage stage) {
        super.start(stage);
        start = new StartCard(desk, window.actions(), List::of);
        window.getChildren().add(start);
        window.commands().meaning("start", start::open);
        start.open();
    }

    private void click(String what) throws Exception {
        clicks++;
        clickOn(what);
        calm();
    }

    private void press(double x, double y) throws Exception {
        clicks++;
        clickOn(screen(new Point(x, y)));
        calm();
    }

    private void drag(Point from, Point to) throws Exception {
        clicks++;
        moveTo(screen(from));
        drag(MouseButton.PRIMARY);
        moveTo(screen(new Point((from.x() + to.x()) / 2, (from.y() + to.y()) / 2)));
        moveTo(screen(to));
        drop();
        calm();
    }

    /** A press on "More" and on a row of it. */
    private void more(String command) throws Exception {
        click("#hand-more");
        click("#item-" + command);
    }

    private void words(String... lines) throws Exception {
        for (int i = 0; i < lines.length; i++) {
            if (i > 0) {
                push(KeyCode.ENTER);
            }
            write(lines[i]);
        }
        calm();
    }

    private List<Element> elements() {
        return bench.sheet().elements();
    }

    @Test
    void theStartHasTheKeyboardFromTheFirstMomentAndNothingOpensBehindIt() throws Exception {
        calm();
        Node focused = window.getScene().getFocusOwner();
        assertThat(focused.getId()).isEqualTo("start-stickers");
        push(KeyCode.SHORTCUT, KeyCode.K);
        calm();
        assertThat(window.lookup("#ask").isVisible()).isFalse();
        push(KeyCode.ESCAPE);
        assertThat(start.isVisible()).isFalse();
    }

    @Test
    void aTideTablePostcardFromTheStartToItsPicture() throws Exception {
        calm();
        click("#start-postcard");
        assertThat(bench.sheet().trim()).isEqualTo(new Box(0, 0, 101.6, 152.4));

        click("#hand-addScalloped");
        drag(new Point(8, 50), new Point(93.6, 110));
        assertThat(((BoxShape) ((ShapeElement) only()).plain().orElseThrow())
                        .edge()
                        .style())
                .isEqualTo(Edge.Style.SCALLOPED);

        clicks += 2;
        dragFromShelf("whale", 50.8, 80);
        Box whale = boxOf(only().id());
        assertThat(boxOf(elements().getFirst().id()).contains(whale.centre())).isTrue();

        press(50, 145);
        click("#hand-addText");
        words("Low 04.30", "High 10.45");
        press(5, 148);
        drag(boxOf(elements().getLast().id()).centre(), new Point(50.8, 128));

        // The wording in two try-outs.
        press(5, 148);
        click("#hand-addText");
        words("Tide table");
        press(5, 148);
        drag(boxOf(elements().getLast().id()).centre(), new Point(50.8, 22));
        press(5, 148);
        click("#hand-addText");
        words("Tides");
        click("#text-font");
        write("vibes");
        clicks++;
        clickOn("Great Vibes");
        calm();
        assertThat(((TextElement) only()).font().family()).isEqualTo("Great Vibes");
        drag(boxOf(only().id()).centre(), new Point(50.8, 24));
        drag(new Point(3, 3), new Point(98, 45));
        assertThat(bench.selection()).hasSize(2);
        more("tryOut");
        assertThat(((GroupElement) only()).isTryOut()).isTrue();

        answers.export = folder.resolve("tides.jpg");
        answers.choice = new ExportChoice(
                ExportFormat.JPG,
                Optional.empty(),
                false,
                false,
                Optional.empty(),
                new RasterSize(300, OptionalInt.of(1200), OptionalInt.of(1800), RasterSize.Fit.REFUSE),
                false,
                LineLook.AS_DRAWN,
                ExportRequest.Each.SHEET);
        click("#hand-ask");
        write("save as a picture");
        clicks += 4; // the answer, and three in the dialog: the kind, both sides, make it
        push(KeyCode.ENTER);
        calm();
        var picture = javax.imageio.ImageIO.read(answers.export.toFile());
        assertThat(List.of(picture.getWidth(), picture.getHeight())).containsExactly(1200, 1800);
        assertThat(clicks).isLessThanOrEqualTo(MOST_CLICKS);
    }

    /** A heading, three boxes with equal gaps in a row, and a sticker: however it came about. */
    private void assertPlannerPage() {
        assertThat(elements()).filteredOn(TextElement.class::isInstance).hasSize(1);
        List<Box> boxes = elements().stream()
                .filter(e -> e instanceof ShapeElement s && s.plain().orElse(null) instanceof BoxShape)
                .map(e -> boxOf(e.id()))
                .sorted(java.util.Comparator.comparingDouble(Box::x))
                .toList();
        assertThat(boxes).hasSize(3);
        double first = boxes.get(1).x() - boxes.get(0).right();
        double second = boxes.get(2).x() - boxes.get(1).right();
        assertThat(first).isCloseTo(second, org.assertj.core.api.Assertions.within(1e-6));
        assertThat(elements()).hasSize(5);
        assertThat(bench.sheet().trim().width()).isEqualTo(177.8);
    }

    @Test
    void aPlannerPageByKeyboardAlone() throws Exception {
        calm();
        keyboardTo("start-planner");
        push(KeyCode.ENTER);
        calm();
        keyboardTo("hand-addBox");
        push(KeyCode.ENTER);
        push(KeyCode.ENTER);
        calm();
        for (int i = 0; i < 2; i++) {
            push(KeyCode.SHORTCUT, KeyCode.D);
            for (int n = 0; n < 3 + i; n++) {
                push(KeyCode.SHIFT, KeyCode.RIGHT);
            }
            calm();
        }
        push(KeyCode.SHORTCUT, KeyCode.A);
        push(KeyCode.SHORTCUT, KeyCode.U);
        calm();
        push(KeyCode.SHORTCUT, KeyCode.T);
        calm();
        write("This week");
        push(KeyCode.ESCAPE);
        calm();
        keyboardTo("find");
        write("anchor");
        calm();
        keyboardTo("shelf-anchor");
        push(KeyCode.ENTER);
        calm();
        assertPlannerPage();
    }

    @Test
    void aPlannerPageByMouseAlone() throws Exception {
        calm();
        click("#start-planner");
        for (double x : new double[] {20, 70, 130}) {
            click("#hand-addBox");
            drag(new Point(x, 60), new Point(x + 30, 90));
            press(90, 200);
        }
        drag(new Point(5, 50), new Point(172, 100));
        click("#hand-evenGapsAcross");
        press(90, 200);
        click("#hand-addText");
        press(90, 220);
        moveTo("#shelf-anchor");
        dragOnto("#shelf-anchor", new Point(60, 160));
        calm();
        assertPlannerPage();
    }

    private void dragOnto(String card, Point mm) {
        drag(card);
        moveTo(screen(mm));
        drop();
    }

    private void ask(String question) throws Exception {
        push(KeyCode.SHORTCUT, KeyCode.K);
        write(question);
        push(KeyCode.ENTER);
        calm();
    }

    @Test
    void aPlannerPageByTheAskFieldAlone() throws Exception {
        calm();
        onFx(start::close);
        onFx(() -> window.actions()
                .begin(rondel.desktop.sheets.SheetPurpose.ALL.get(1).job()));
        calm();
        ask("box");
        push(KeyCode.ENTER);
        calm();
        ask("one more copy");
        ask("make a copy");
        ask("everything");
        ask("same distance");
        ask("write something");
        push(KeyCode.ESCAPE);
        calm();
        ask("anchor");
        assertPlannerPage();
    }
}
