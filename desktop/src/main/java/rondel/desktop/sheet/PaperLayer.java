package rondel.desktop.sheet;

import java.util.Optional;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.shape.Rectangle;
import rondel.geometry.Box;
import rondel.job.Sheet;

/** The sheet itself under the artwork: paper, trim, bleed and safe margin. */
final class PaperLayer extends Pane {

    private final Rectangle paper = new Rectangle();
    private final Rectangle bleed = outline("bleed-line");
    private final Rectangle usable = outline("usable-line");

    PaperLayer() {
        setMouseTransparent(true);
        paper.getStyleClass().add("paper");
        getChildren().addAll(bleed, paper, usable);
    }

    static Rectangle outline(String style) {
        Rectangle r = new Rectangle();
        r.getStyleClass().add(style);
        r.setMouseTransparent(true);
        return r;
    }

    /** @param shown what is shown for paper in the place of the sheet's own */
    void show(Sheet sheet, Optional<Paint> shown, Viewport viewport) {
        place(paper, sheet.trim(), viewport);
        paper.setFill(shown.or(() -> sheet.paper()
                        .map(c -> Color.rgb(c.red(), c.green(), c.blue(), c.alpha() / 255.0))
                        .map(Paint.class::cast))
                .orElseGet(Chequers::fill));
        bleed.setVisible(sheet.bleed() > 0);
        place(bleed, sheet.trim().grown(sheet.bleed()), viewport);
        usable.setVisible(sheet.planned().isPresent());
        sheet.planned()
                .ifPresent(
                        p -> place(usable, p.usable().intersection(sheet.trim()).orElse(sheet.trim()), viewport));
    }

    static void place(Rectangle r, Box box, Viewport viewport) {
        Box b = box.transformed(viewport.toScreen());
        r.setX(Math.rint(b.x()));
        r.setY(Math.rint(b.y()));
        r.setWidth(Math.rint(b.width()));
        r.setHeight(Math.rint(b.height()));
    }
}
