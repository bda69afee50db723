package rondel.desktop.sheet;

import java.util.List;
import java.util.Set;
import rondel.compose.snap.Snap;
import rondel.desktop.desk.Desk;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;

/** The selection while it is dragged: lifted off the sheet into a picture of its own, which moves; the rest of the sheet stays
 *  as it is painted. */
final class CarriedSelection {

    private final Desk desk;
    private final SheetPicture picture;
    private final ShownSheet shown;
    private final DragPicture lifted = new DragPicture();
    private final SnapLines snapLines = new SnapLines();
    private boolean underWay;
    private boolean settling;

    CarriedSelection(Desk desk, SheetPicture picture, ShownSheet shown) {
        this.desk = desk;
        this.picture = picture;
        this.shown = shown;
    }

    DragPicture layer() {
        return lifted;
    }

    SnapLines snapLines() {
        return snapLines;
    }

    boolean isUnderWay() {
        return underWay;
    }

    /** Paints the sheet as it is now, unless something is off it. */
    void showRest() {
        if (!underWay) {
            picture.show(shown.scene());
        }
    }

    /** How far what is shown of the selection is from where the selection was measured last. */
    Affine moved() {
        return underWay || settling ? lifted.moved() : Affine.IDENTITY;
    }

    /** The selection has been measured where it is now. */
    void arrived() {
        settling = false;
    }

    void lift(Viewport viewport) {
        underWay = true;
        lifted.begin();
        SheetScene whole = shown.scene();
        Set<ElementId> ids = Set.copyOf(desk.bench().selectedIds());
        List<Element> onSheet = desk.bench().selected().stream()
                .map(l -> l.element().with(t -> t.placedBy(l.toSheet())))
                .toList();
        DragPicture.painting(onSheet, viewport, picture.density()).ifPresent(p -> desk.workers()
                .paint(
                        () -> ScenePainting.elements(whole, p.elements(), p.area(), p.scale(), desk.pictures()),
                        image -> {
                            if (underWay) {
                                lifted.show(image, p, viewport);
                                picture.show(whole.leavingOut(ids));
                            }
                        }));
    }

    void drag(Affine to, List<Snap.Line> held, Viewport viewport) {
        snapLines.show(held, viewport);
        lifted.drag(to, viewport);
    }

    /** Lets the selection down; its picture stays until the sheet is painted with it. */
    void drop(Viewport viewport) {
        underWay = false;
        settling = true;
        snapLines.show(List.of(), viewport);
        picture.show(shown.scene());
        picture.whenSharp(() -> {
            if (!underWay) {
                lifted.clear();
            }
        });
    }

    /** Lets the selection back to where it was. */
    void letGo(Viewport viewport) {
        lifted.begin();
        lifted.place(viewport);
        drop(viewport);
        settling = false;
    }
}
