package rondel.desktop.sheet;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import rondel.desktop.desk.Desk;

/** What lies over the artwork while a part of it is edited: handles of figures, letters, points, the caret, and what is drawn. */
public final class EditingLayers extends Pane {

    private final FigureLayer figures;
    private final LetterLayer letters = new LetterLayer();
    private final PointLayer points = new PointLayer();
    private final CaretLayer caret = new CaretLayer();
    private final DrawingLayer drawing = new DrawingLayer();

    EditingLayers(Desk desk) {
        figures = new FigureLayer(desk);
        setMouseTransparent(true);
        getChildren().addAll(figures, letters, points, caret, drawing);
    }

    @Override
    protected void layoutChildren() {
        for (Node layer : getChildren()) {
            ((Region) layer).resizeRelocate(0, 0, getWidth(), getHeight());
        }
    }

    /** Whether a part of one thing is edited, so that its frame and gaps would only be in the way. */
    boolean isOpen() {
        return letters.open().isPresent()
                || points.open().isPresent()
                || caret.open().isPresent();
    }

    /** @param carrying whether the selection is being dragged */
    void show(boolean carrying, Viewport viewport) {
        letters.show(Optional.empty(), viewport);
        points.show(viewport);
        caret.show(viewport);
        figures.show(!isOpen() && !carrying, viewport);
    }

    FigureLayer figures() {
        return figures;
    }

    LetterLayer letters() {
        return letters;
    }

    PointLayer points() {
        return points;
    }

    CaretLayer caret() {
        return caret;
    }

    DrawingLayer drawing() {
        return drawing;
    }
}
