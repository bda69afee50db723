package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipFile;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.desk.Notices;
import rondel.desktop.help.Guide;
import rondel.desktop.help.GuidePage;
import rondel.formats.report.Release;

/** The guide and what else helps, in the real window. */
class HelpWindowTest extends BenchFixture {

    private static final Pattern LINK = Pattern.compile("(!?)\\[[^\\]]*]\\(([^)]+)\\)");

    @TempDir
    Path folder;

    private GuidePage page() {
        return window.help().guide().shown().orElseThrow().page();
    }

    @Test
    void helpIsAboutWhatOneIsIn() throws Exception {
        clickOn("#find");
        push(KeyCode.F1);
        calm();
        assertThat(page()).isEqualTo(GuidePage.SHELF);
        onFx(() -> window.help().guide().close());
        calm();
        run("keySheet");
        calm();
        push(KeyCode.F1);
        calm();
        assertThat(page()).isEqualTo(GuidePage.KEYS);
        onFx(() -> window.help().guide().close());
        calm();
        push(KeyCode.ESCAPE);
        run("stageLines");
        calm();
        onFx(() -> window.sheet().requestFocus());
        onFx(() -> window.commands().get("guide").run());
        calm();
        assertThat(page()).isEqualTo(GuidePage.LINES);
        onFx(() -> window.help().guide().close());
        calm();
        run("stageHandOff");
        calm();
        onFx(() ->
                lookup("#handoff-right").lookup(".help-button").<Button>query().fire());
        calm();
        assertThat(page()).isEqualTo(GuidePage.HAND_OFF);
        onFx(() -> window.help().guide().close());
        calm();
    }

    @Test
    void eachPartOfEachStageHasItsQuestionMark() throws Exception {
        openDemo("sticker-run");
        for (StageEntry entry : StageEntry.ALL) {
            run(entry.stage().command());
            calm();
            for (String side : List.of("#left-side", "#right-side", "#stack")) {
                assertThat(lookup(side).lookup(".help-button").queryAll())
                        .as(entry.stage().id() + " " + side)
                        .isNotEmpty();
            }
            assertThat(Guide.about(lookup("#stack").<Node>query())).isPresent();
        }
    }

    @Test
    void pagesLeadToEachOtherAndAreFoundByTheirWords() throws Exception {
        onFx(() -> window.help().guide().open(GuidePage.COMPOSE));
        calm();
        Node guide = window.help().guide().shown().orElseThrow();
        Hyperlink link = from(guide).lookup(".hyperlink").queryAllAs(Hyperlink.class).stream()
                .filter(l -> l.getText().equals("clean lines"))
                .findFirst()
                .orElseThrow();
        onFx(link::fire);
        calm();
        assertThat(page()).isEqualTo(GuidePage.LINES);
        onFx(() -> from(guide).lookup("#guide-find").queryTextInputControl().setText("satin"));
        calm();
        assertThat(from(guide)
                        .lookup("#guide-pages")
                        .<ListView<GuidePage>>query()
                        .getItems())
                .contains(GuidePage.STITCH)
                .doesNotContain(GuidePage.SHELF);
        onFx(() -> window.help().guide().close());
        calm();
    }

    @Test
    void commandsAndRecipesAreShownWholeAndCopiedAsTheyAre() throws Exception {
        onFx(() -> window.help().guide().open(GuidePage.PLANNER_STICKERS));
        calm();
        Node guide = window.help().guide().shown().orElseThrow();
        Node block = from(guide).lookup(".guide-block").queryAll().stream()
                .filter(b -> words(b).getText().startsWith("rondel new"))
                .findFirst()
                .orElseThrow();
        String code = words(block).getText();
        // What is drawn ends in an ellipsis where it does not fit.
        assertThat(from(words(block)).lookup(".text").queryAs(Text.class).getText())
                .isEqualTo(code);
        onFx(() -> from(block).lookup(".button").queryButton().fire());
        onFx(() -> assertThat(Clipboard.getSystemClipboard().getString()).isEqualTo(code + "\n"));
        onFx(() -> window.help().guide().close());
        calm();
    }

    private Label words(Node block) {
        return from(block).lookup(".label").queryAs(Label.class);
    }

    @Test
    void noPageLeadsNowhere() throws Exception {
        List<String> broken = new ArrayList<>();
        for (GuidePage page : GuidePage.values()) {
            Matcher m = LINK.matcher(page.markdown());
            while (m.find()) {
                boolean picture = m.group(1).equals("!");
                String to = m.group(2).replaceFirst("#.*$", "");
                boolean there = picture
                        ? GuidePage.class.getResource("/rondel/guide/" + to.replaceFirst("^\\.\\./", "")) != null
                        : to.startsWith("http")
                                || Path.of("../docs")
                                        .resolve(page.path())
                                        .resolveSibling(to)
                                        .toFile()
                                        .exists();
                if (!there) {
                    broken.add(page + ": " + m.group(2));
                }
            }
        }
        assertThat(broken).isEmpty();
    }

    @Test
    void whatWasSaidIsReadAgain() throws Exception {
        onFx(() -> desk.notices().refuse("The tide is out."));
        onFx(() -> desk.notices().say("Saved the whale."));
        run("notices");
        calm();
        assertThat(lookup("#notices").<ListView<Notices.Said>>query().getItems())
                .extracting(Notices.Said::sentence)
                .startsWith("Saved the whale.", "The tide is out.");
        push(KeyCode.ESCAPE);
        calm();
        assertThat(lookup("#notices-card").query().isVisible()).isFalse();
    }

    @Test
    void aboutTellsTheVersionAndUnderWhatTheFontsStand() throws Exception {
        run("about");
        calm();
        assertThat(lookup("#about-version").queryLabeled().getText()).contains(Release.VERSION);
        TextArea parts = lookup("#about-parts").queryAs(TextArea.class);
        // Licences are read in the background, where nothing else waits for them.
        waitUntil(() -> !parts.getText().isEmpty());
        assertThat(parts.getText().lines())
                .filteredOn(l -> l.startsWith("Great Vibes: "))
                .singleElement()
                .asString()
                .contains("Open Font License");
        push(KeyCode.ESCAPE);
        calm();
        assertThat(lookup("#about").query().isVisible()).isFalse();
    }

    @Test
    void aReportIsShownWholeAndLeavesWhatIsTakenOut() throws Exception {
        openDemo("tide-card");
        answers.export = folder.resolve("report.zip");
        run("report");
        calm();
        TextArea figures = lookup("#report-figures-txt").query();
        assertThat(figures.getText()).contains("sheets: ", "rondel: ");
        onFx(() -> lookup("#report-rondel-log").queryAs(TextArea.class).clear());
        onFx(() -> lookup("#report-save").queryButton().fire());
        calm();
        try (ZipFile zip = new ZipFile(folder.resolve("report.zip").toFile())) {
            assertThat(zip.getEntry("figures.txt")).isNotNull();
            assertThat(zip.getEntry("rondel.log")).isNull();
        }
        assertThat(notice()).contains("report.zip");
    }

    @Test
    void theKeyboardGoesFromPartToPart() throws Exception {
        openDemo("tide-card");
        onFx(() -> bench.select(List.of(bench.sheet().elements().getLast().id())));
        onFx(() -> window.sheet().requestFocus());
        calm();
        List<String> visited = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            push(KeyCode.F6);
            calm();
            visited.add(part());
        }
        assertThat(visited).containsExactly("right-side", "stack", "top-bar", "hand", "left-side", "middle");
        push(KeyCode.SHIFT, KeyCode.F6);
        calm();
        assertThat(part()).isEqualTo("left-side");
    }

    private String part() {
        for (Node n = window.getScene().getFocusOwner(); n != null; n = n.getParent()) {
            if (Optional.ofNullable(n.getId()).filter(PARTS::contains).isPresent()) {
                return n.getId();
            }
        }
        return "nowhere";
    }

    private static final List<String> PARTS = List.of("right-side", "stack", "top-bar", "hand", "left-side", "middle");
}
