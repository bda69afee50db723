package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What a screen reader and a keyboard find on each stage. */
class AccessibilityTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    /** No stage has more stops of the Tab key. */
    private static final int MOST_STOPS = 30;

    private static final int FAR_TOO_MANY = 150;

    private List<Node> stops() {
        return lookup(n -> n.isFocusTraversable() && isSeen(n)).queryAll().stream()
                .toList();
    }

    private static boolean isSeen(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (!n.isVisible() || n.isDisabled() || n.getScene() == null) {
                return false;
            }
        }
        return node.getBoundsInLocal().getWidth() > 0;
    }

    private static String named(Node node) {
        if (node.getAccessibleText() != null && !node.getAccessibleText().isBlank()) {
            return node.getAccessibleText();
        }
        if (node.queryAccessibleAttribute(AccessibleAttribute.LABELED_BY) instanceof Labeled label) {
            return label.getText();
        }
        return node instanceof Labeled l && l.getText() != null ? l.getText() : "";
    }

    @Test
    void eachOfAtMostThirtyStopsOfAStageHasANameAndARole() throws Exception {
        Set<String> wrong = new TreeSet<>();
        List<String> demos =
                List.of("tide-page", "tide-card", "sticker-run", "name-plate", "whale-patch", "sticker-sheet");
        onEachStage(demos, where -> {
            onFx(() -> stops().forEach(n -> whatIsAmiss(n).ifPresent(wrong::add)));
            Set<Node> visited = visitedByTab();
            if (visited.size() > MOST_STOPS) {
                wrong.add(where + " has " + visited.size() + ": "
                        + visited.stream()
                                .map(n -> n.getClass().getSimpleName() + "#" + n.getId())
                                .toList());
            }
        });
        assertThat(wrong).isEmpty();
    }

    private static Optional<String> whatIsAmiss(Node n) {
        String what = n.getClass().getSimpleName() + " #" + n.getId() + " " + n.getStyleClass();
        if (named(n).isBlank()) {
            return Optional.of("no name: " + what);
        }
        boolean plain = n.getAccessibleRole() == AccessibleRole.NODE || n.getAccessibleRole() == AccessibleRole.PARENT;
        return plain ? Optional.of("no role: " + what) : Optional.empty();
    }

    private Set<Node> visitedByTab() throws Exception {
        onFx(() -> window.getScene().getRoot().requestFocus());
        Set<Node> visited = new LinkedHashSet<>();
        for (int i = 0; i < FAR_TOO_MANY; i++) {
            push(KeyCode.TAB);
            if (!visited.add(window.getScene().getFocusOwner())) {
                break;
            }
        }
        return visited;
    }

    @Test
    void whatIsSaidIsThereForReaders() throws Exception {
        onFx(() -> desk.notices().refuse("The tide is out."));
        Node notice = lookup("#notice").query();
        onFx(() -> {
            assertThat(notice.queryAccessibleAttribute(AccessibleAttribute.TEXT))
                    .isEqualTo("The tide is out.");
            assertThat(notice.getAccessibleRole()).isEqualTo(AccessibleRole.TEXT);
        });
        clickOn("#notice");
        calm();
        assertThat(lookup("#notices-card").query().isVisible()).isTrue();
    }

    @Test
    void arrowKeysGoInsideOfAGroupAndTypingKeepsThem() throws Exception {
        openDemo("tide-card");
        onFx(() -> bench.select(List.of(bench.sheet().elements().getLast().id())));
        calm();
        keyboardTo("width");
        push(KeyCode.RIGHT);
        assertThat(focused().getId()).isEqualTo("height");
        write("2");
        push(KeyCode.LEFT);
        assertThat(focused().getId()).isEqualTo("height");
        push(KeyCode.ESCAPE);
        keyboardTo("stageCompose");
        push(KeyCode.RIGHT);
        assertThat(focused().getId()).isEqualTo("stageLines");
        push(KeyCode.END);
        assertThat(focused().getId()).isEqualTo("stageHandOff");
        push(KeyCode.SPACE);
        calm();
        assertThat(window.stages().get().id()).isEqualTo("HandOff");
    }
}
