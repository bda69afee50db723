package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Accordion;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TitledPane;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import rondel.words.Words;

/** Words of a language that takes about a third more room than English: none is cut, none reaches out of the window. Runs in a process of its
 *  own that speaks German. */
@Tag("german")
class WordsFitTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    /** What shows names that a person has given, which may be of any length. */
    private static final List<String> OF_THE_JOB = List.of(
            ".stack-card",
            ".shelf-card",
            ".file-card",
            ".set-card",
            ".pass-card",
            "#title",
            "#sheet-name",
            ".list-cell",
            ".gang-design");

    @Test
    void theWindowSpeaksTheLanguageOfItsProcess() {
        assertThat(Words.language()).isEqualTo(Locale.GERMAN);
        assertThat(lookup("#stageCompose").queryLabeled().getText()).isEqualTo("Gestalten");
    }

    @Test
    void noWordIsCut() throws Exception {
        Set<String> cut = new TreeSet<>();
        List<String> demos =
                List.of("tide-page", "tide-card", "sticker-sheet", "sticker-run", "name-plate", "whale-patch");
        onEachStage(demos, where -> {
            look(where, cut);
            for (TitledPane part : parts()) {
                onFx(() -> part.setExpanded(true));
                calm();
                look(where + ", " + part.getId(), cut);
            }
        });
        assertThat(cut).isEmpty();
    }

    private List<TitledPane> parts() {
        List<TitledPane> parts = new ArrayList<>();
        lookup(n -> n instanceof Accordion a && a.isVisible() && a.getScene() != null)
                .queryAllAs(Accordion.class)
                .forEach(a -> parts.addAll(a.getPanes()));
        return parts;
    }

    private void look(String where, Set<String> cut) {
        // Laid out and looked at in one turn: what the background brings in between has its text, and not its place
        // yet.
        onFx(() -> {
            window.applyCss();
            window.layout();
            lookup(n -> n instanceof Labeled).queryAllAs(Labeled.class).stream()
                    .filter(l -> l.getText() != null && !(l instanceof TitledPane))
                    .filter(this::isSeen)
                    .filter(l -> !isOfTheJob(l))
                    .forEach(l -> {
                        String whole = l.getText();
                        boolean isCut = l.getChildrenUnmodifiable().stream()
                                .anyMatch(n -> n instanceof Text t
                                        && !t.getText().replace("\n", "").equals(whole.replace("\n", "")));
                        if (isCut) {
                            cut.add("cut: " + whole);
                        }
                        if (l.isWrapText()) {
                            for (String word : whole.split("\\s+")) {
                                Text alone = new Text(word);
                                alone.setFont(l.getFont());
                                if (alone.getLayoutBounds().getWidth() > l.getWidth() + 1) {
                                    cut.add("broken: " + word);
                                }
                            }
                        }
                        Bounds b = l.localToScene(l.getBoundsInLocal());
                        Bounds side = within(l);
                        if (b.getMaxX() > side.getMaxX() + 1) {
                            cut.add("reaches out: " + whole + " by " + Math.round(b.getMaxX() - side.getMaxX()));
                        }
                    });
        });
    }

    private boolean isSeen(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (!n.isVisible() || n.getScene() == null) {
                return false;
            }
        }
        return node.getBoundsInLocal().getWidth() > 0;
    }

    private boolean isOfTheJob(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            for (String kind : OF_THE_JOB) {
                if (kind.startsWith("#")
                        ? kind.substring(1).equals(n.getId())
                        : n.getStyleClass().contains(kind.substring(1))) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The room it has: the window, or what scrolls only up and down. */
    private Bounds within(Node node) {
        for (Node n = node.getParent(); n != null; n = n.getParent()) {
            if (n instanceof ScrollPane s) {
                Node view = s.lookup(".viewport");
                return s.getHbarPolicy() == ScrollPane.ScrollBarPolicy.NEVER
                        ? view.localToScene(view.getBoundsInLocal())
                        : window.localToScene(window.getBoundsInLocal()).getWidth() > 0
                                ? new javafx.geometry.BoundingBox(0, 0, Double.MAX_VALUE / 4, 1)
                                : view.getBoundsInLocal();
            }
        }
        return window.localToScene(window.getBoundsInLocal());
    }
}
