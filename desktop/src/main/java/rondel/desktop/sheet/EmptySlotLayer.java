package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Path;
import rondel.desktop.look.FxPaths;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Sheet;

/** The outlines of windows that hold no picture yet: they are seen on the bench and never made. */
final class EmptySlotLayer extends Pane {

    private Sheet shownSheet;
    private Viewport shownAt;

    EmptySlotLayer() {
        setMouseTransparent(true);
    }

    void show(Sheet sheet, Viewport viewport) {
        if (sheet == shownSheet && viewport.equals(shownAt)) {
            return;
        }
        shownSheet = sheet;
        shownAt = viewport;
        List<Path> paths = new ArrayList<>();
        sheet.elements().forEach(e -> collect(e, viewport.toScreen(), paths));
        getChildren().setAll(paths);
    }

    private static void collect(Element e, Affine toScreen, List<Path> paths) {
        if (e.hidden() || !(e instanceof GroupElement g)) {
            return;
        }
        Affine own = toScreen.times(g.placement());
        if (g.isEmptySlot()) {
            g.clip().ifPresent(c -> {
                Path path = FxPaths.of(c.outline(), own);
                path.getStyleClass().add("empty-window");
                paths.add(path);
            });
        }
        g.children().forEach(c -> collect(c, own, paths));
    }
}
