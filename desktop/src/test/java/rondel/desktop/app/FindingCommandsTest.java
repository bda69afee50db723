package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.Pane;
import org.junit.jupiter.api.Test;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandIcons;
import rondel.desktop.command.CommandTable;
import rondel.desktop.command.HandTable;
import rondel.desktop.command.KeyList;
import rondel.job.Element;

/** Everything that can be done has its place, and says what it needs. */
class FindingCommandsTest extends BenchFixture {

    private static final int MOST_ROWS = 14;

    /** What keys and the sheet itself do. */
    private static final Set<String> BY_KEY = Set.of(
            "nextPart",
            "previousPart",
            "nudgeLeft",
            "nudgeRight",
            "nudgeUp",
            "nudgeDown",
            "nudgeLeftFar",
            "nudgeRightFar",
            "nudgeUpFar",
            "nudgeDownFar");

    /** Every menu as it is once it has been opened. */
    private List<Menu> menus() {
        onFx(() -> lookup("#menus").<MenuBar>query().getMenus().forEach(m -> m.getOnShowing()
                .handle(null)));
        return lookup("#menus").<MenuBar>query().getMenus();
    }

    private static List<Menu> all(List<Menu> menus) {
        List<Menu> found = new ArrayList<>();
        for (Menu menu : menus) {
            found.add(menu);
            found.addAll(all(menu.getItems().stream()
                    .filter(Menu.class::isInstance)
                    .map(Menu.class::cast)
                    .toList()));
        }
        return found;
    }

    @Test
    void noMenuIsLongerThanAPersonReadsAndEveryCommandIsInOne() {
        Set<String> there = new TreeSet<>();
        for (Menu menu : all(menus())) {
            assertThat(menu.getItems()).as(menu.getText()).hasSizeLessThanOrEqualTo(MOST_ROWS);
            for (MenuItem item : menu.getItems()) {
                if (item.getUserData() instanceof Command c) {
                    there.add(c.id());
                }
            }
        }
        Set<String> missing = new TreeSet<>();
        window.commands().all().forEach(c -> missing.add(c.id()));
        missing.removeAll(there);
        missing.removeAll(BY_KEY);
        assertThat(missing).isEmpty();
    }

    @Test
    void aRowThatCantBeUsedYetSaysWhatItNeeds() throws Exception {
        onFx(bench::selectNothing);
        MenuItem ungroup = all(menus()).stream()
                .flatMap(m -> m.getItems().stream())
                .filter(i -> "item-ungroup".equals(i.getId()))
                .findFirst()
                .orElseThrow();
        onFx(() -> ungroup.getOnAction().handle(null));
        assertThat(lookup("#notice").queryAs(Labeled.class).getText()).contains("Select a group first");
    }

    @Test
    void theHandStripOffersWhatGoesWithWhatIsHeld() throws Exception {
        openDemo("tide-page");
        calm();
        onFx(bench::selectNothing);
        assertThat(strip()).startsWith("hand-addText", "hand-addBox", "hand-addOval");
        Element group = bench.level().stream()
                .filter(e -> e.kind().equals("group"))
                .findFirst()
                .orElseThrow();
        onFx(() -> bench.select(List.of(group.id())));
        calm();
        assertThat(strip()).contains("hand-ungroup", "hand-halo").hasSizeLessThanOrEqualTo(HandTable.SHOWN + 1);
        int before = bench.level().size();
        onFx(() -> lookup("#hand-duplicate").queryAs(Button.class).fire());
        calm();
        assertThat(bench.level()).hasSize(before + 1);
    }

    private List<String> strip() {
        return lookup("#hand .button").<Button>queryAll().stream()
                .map(Button::getId)
                .filter(id -> id != null && id.startsWith("hand-"))
                .toList();
    }

    @Test
    void thePageOfKeysIsWhatTheCommandsSay() throws Exception {
        String page = KeyList.markdown(window.commands());
        Path file = Path.of("../docs/keys.md");
        if (Boolean.getBoolean("rondel.writeDocs")) {
            Files.writeString(file, page);
        }
        assertThat(Files.readString(file)).isEqualTo(page);
    }

    /** Ctrl+Alt types characters on Windows and belongs to the desktop on Linux. */
    @Test
    void f1ShowsEveryKeyAndEscapeGoesBackToTheSheet() throws Exception {
        keys(KeyCode.SHIFT, KeyCode.F1);
        calm();
        assertThat(lookup("#key-sheet").query().isVisible()).isTrue();
        List<String> said = lookup("#key-sheet .label").queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .toList();
        window.commands().all().forEach(c -> c.keys()
                .ifPresent(k -> assertThat(said).as(c.id()).contains(k.getDisplayText(), c.label())));
        assertThat(said).contains("Ctrl+G", "Group");
        push(KeyCode.ESCAPE);
        assertThat(lookup("#key-sheet").query().isVisible()).isFalse();
        assertThat(window.sheet().isFocused()).isTrue();
    }

    @Test
    void keysPressedWhileTheyAreReadDoNothingToTheJob() throws Exception {
        openDemo("tide-page");
        calm();
        onFx(() -> bench.select(List.of(bench.level().getFirst().id())));
        int before = bench.level().size();
        keys(KeyCode.SHIFT, KeyCode.F1);
        push(KeyCode.SHORTCUT, KeyCode.D);
        calm();
        assertThat(bench.level()).hasSize(before);
        push(KeyCode.ESCAPE);
        push(KeyCode.SHORTCUT, KeyCode.D);
        calm();
        assertThat(bench.level()).hasSize(before + 1);
    }

    @Test
    void noKeysAreThoseOfADesktop() {
        String kept = ".*(Shortcut|Ctrl).*Alt.*|Alt\\+F4|Shortcut\\+(H|M|Y|Space|Tab)|Shift\\+Shortcut\\+(Q|W|U)";
        Map<String, String> everywhere = Map.of("Shortcut+W", "close", "Shortcut+Q", "quit");
        for (Command c : window.commands().all()) {
            String keys = c.keys().map(KeyCombination::getName).orElse("");
            assertThat(keys).as(c.id()).doesNotMatch(kept);
            assertThat(everywhere.getOrDefault(keys, c.id())).isEqualTo(c.id());
        }
    }

    @Test
    void everyCommandHasAnIconThatIsDrawn() {
        for (Command c : window.commands().all()) {
            if (!c.id().startsWith("demo-")) {
                Bounds drawn = CommandIcons.of(c.id())
                        .map(icon -> ((Pane) icon).getChildren().getFirst().getLayoutBounds())
                        .orElseThrow(() -> new AssertionError(c.id()));
                assertThat(Math.max(drawn.getWidth(), drawn.getHeight()))
                        .as(c.id())
                        .isBetween(5.0, 17.0);
            }
        }
    }

    @Test
    void theTableHasEveryCommandOnceAndNoOther() {
        Set<String> made = new TreeSet<>();
        window.commands().all().forEach(c -> {
            if (!c.id().startsWith("demo-")) {
                made.add(c.id());
            }
        });
        assertThat(new TreeSet<>(CommandTable.ids())).isEqualTo(made);
    }

    @Test
    void noTwoCommandsHaveTheSameKeys() {
        List<String> keys = new ArrayList<>();
        window.commands().all().forEach(c -> c.keys().ifPresent(k -> keys.add(k.getName())));
        assertThat(keys).doesNotHaveDuplicates();
    }
}
