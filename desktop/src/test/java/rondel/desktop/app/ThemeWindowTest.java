package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import rondel.desktop.look.Theme;

/** The window by day and by night. */
class ThemeWindowTest extends BenchFixture {

    @AfterEach
    void day() {
        onFx(() -> window.appearance().show(Theme.LIGHT));
    }

    private Color ground(String id) {
        Node node = lookup(id).query();
        AtomicReference<Color> colour = new AtomicReference<>();
        onFx(() -> {
            node.applyCss();
            colour.set((Color)
                    ((Region) node).getBackground().getFills().getFirst().getFill());
        });
        return colour.get();
    }

    @Test
    void aThemeIsChosenByCommandAndHeardOf() throws Exception {
        openDemo("tide-card");
        AtomicReference<String> heard = new AtomicReference<>();
        onFx(() -> desk.preferred().follow(p -> heard.set(p.theme())));
        Color day = ground(".side");
        run("theme-DARK");
        calm();
        assertThat(heard.get()).isEqualTo("dark");
        assertThat(day.getBrightness()).isGreaterThan(0.9);
        assertThat(ground(".side").getBrightness()).isLessThan(0.25);
        run("theme-LIGHT");
        calm();
        assertThat(ground(".side")).isEqualTo(day);
        run("theme-SYSTEM");
        calm();
        assertThat(window.appearance().theme()).isEqualTo(Theme.SYSTEM);
    }
}
