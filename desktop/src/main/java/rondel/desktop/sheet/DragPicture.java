package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import javafx.scene.Group;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.transform.Translate;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.paint.PaintedExtent;

/** What has been lifted off the sheet to be dragged: a picture of its own, of which only pixels that exist already are moved. */
final class DragPicture extends Group {

    private static final double LONGEST = 3000;
    private static final double ROOM = 2;

    private Affine toSheet = Affine.IDENTITY;
    private Affine moved = Affine.IDENTITY;

    DragPicture() {
        setManaged(false);
        setMouseTransparent(true);
    }

    /** What is to be painted of things that are lifted.
     *
     * @param scale in the screen's own pixels a mm */
    record Paint(List<Element> elements, Box area, double scale) {}

    /** @param elements in the sheet's space
     *  @return nothing where nothing of them is seen */
    static Optional<Paint> painting(List<Element> elements, Viewport at, double density) {
        return Box.around(elements.stream()
                        .flatMap(e -> PaintedExtent.of(e, Affine.IDENTITY).stream())
                        .toList())
                .map(b -> b.grown(ROOM / at.scale()))
                .map(area -> {
                    double fine = at.scale() * density;
                    double longest = Math.max(area.width(), area.height()) * fine;
                    return new Paint(elements, area, fine * Math.min(1, LONGEST / longest));
                });
    }

    void begin() {
        moved = Affine.IDENTITY;
    }

    void show(Image image, Paint of, Viewport viewport) {
        toSheet = new Affine(1 / of.scale, 0, 0, 1 / of.scale, of.area.x(), of.area.y());
        getChildren().setAll(new ImageView(image));
        place(viewport);
    }

    /** How far it has been dragged, on the sheet. */
    Affine moved() {
        return moved;
    }

    void drag(Affine to, Viewport viewport) {
        moved = to;
        place(viewport);
    }

    /** Takes the picture away. */
    void clear() {
        getChildren().clear();
    }

    /** What is only moved stands on whole pixels, where it is copied and not resampled. */
    void place(Viewport viewport) {
        Affine a = viewport.toScreen().times(moved).times(toSheet);
        boolean onlyMoved = Math.abs(a.a() - 1) + Math.abs(a.b()) + Math.abs(a.c()) + Math.abs(a.d() - 1) < 1e-9;
        getTransforms()
                .setAll(
                        onlyMoved
                                ? new Translate(Math.rint(a.e()), Math.rint(a.f()))
                                : new javafx.scene.transform.Affine(a.a(), a.c(), a.e(), a.b(), a.d(), a.f()));
    }
}
