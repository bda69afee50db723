package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.TextInputControl;
import org.junit.jupiter.api.Test;
import rondel.job.Element;

/** Nothing in the window is grey without saying why, and nothing that is pressed is too small. */
class ReasonsTest extends BenchFixture {

    private static final double LEAST = 24;

    private static List<Control> controls(Node node) {
        List<Control> found = new ArrayList<>();
        if (!node.isVisible()) {
            return found;
        }
        if (node instanceof Control c) {
            found.add(c);
        }
        if (node instanceof Parent p) {
            p.getChildrenUnmodifiable().forEach(child -> found.addAll(controls(child)));
        }
        return found;
    }

    private static boolean saysWhy(Control c) {
        return c instanceof TextInputControl t && !t.getPromptText().isBlank();
    }

    private void everythingGreySaysWhy(String when) {
        onFx(() -> {
            for (Control c : controls(window)) {
                if (c.isDisable()) {
                    assertThat(saysWhy(c)).as("%s: %s", when, c).isTrue();
                }
                boolean pressed = c.getStyleClass().contains("toggle-button")
                        || c.getStyleClass().contains("button");
                if (pressed && c.getHeight() > 0 && c.getId() != null) {
                    assertThat(c.getHeight()).as("%s: %s", when, c).isGreaterThanOrEqualTo(LEAST - 1);
                }
            }
        });
    }

    @Test
    void whateverIsSelectedOnBothStages() throws Exception {
        for (String demo : List.of("tide-page", "tide-card", "photo-stickers", "boat-boxes")) {
            openDemo(demo);
            calm();
            everythingGreySaysWhy(demo);
            List<Element> level = bench.level();
            for (int i = 0; i < Math.min(4, level.size()); i++) {
                Element one = level.get(i);
                onFx(() -> bench.select(List.of(one.id())));
                calm();
                everythingGreySaysWhy(demo + ", " + one.kind());
            }
            onFx(bench::selectAll);
            calm();
            everythingGreySaysWhy(demo + ", all");
            run("stageLines");
            calm();
            everythingGreySaysWhy(demo + ", lines");
            run("stageCompose");
        }
    }
}
