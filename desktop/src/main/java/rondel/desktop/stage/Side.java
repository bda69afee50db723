package rondel.desktop.stage;

import javafx.scene.Cursor;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import rondel.desktop.look.Hint;
import rondel.words.Words;

/** What stands beside the middle of the window: as wide as the person drags it, or put away until it is wanted again. */
public final class Side extends BorderPane {

    private static final double LEAST = 190;
    private static final double MOST = 520;
    private static final double GRIP = 6;

    private final boolean left;
    private final Region grip = new Region();
    private double wide;
    private double from;
    private double began;

    /** @param left whether it stands left of the middle
     *  @param wide in px, until somebody drags it */
    public Side(boolean left, double wide) {
        this.left = left;
        this.wide = wide;
        setId(left ? "left-side" : "right-side");
        grip.getStyleClass().add("side-grip");
        grip.setMinWidth(GRIP);
        grip.setPrefWidth(GRIP);
        grip.setCursor(Cursor.H_RESIZE);
        Hint.on(grip, Words.of("side.grip"));
        grip.setOnMousePressed(e -> {
            from = e.getScreenX();
            began = this.wide;
        });
        grip.setOnMouseDragged(e -> resize(began + (left ? 1 : -1) * (e.getScreenX() - from)));
        grip.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                turn();
            }
        });
        managedProperty().bind(visibleProperty());
        resize(wide);
    }

    /** Shows what a stage has there. */
    public void show(Region content) {
        setCenter(content);
        content.setMinWidth(0);
        content.setMaxWidth(Double.MAX_VALUE);
        if (left) {
            setRight(grip);
        } else {
            setLeft(grip);
        }
    }

    private void resize(double to) {
        wide = Math.clamp(to, LEAST, MOST);
        setMinWidth(wide);
        setPrefWidth(wide);
        setMaxWidth(wide);
    }

    /** Puts it away, or brings it back. */
    public void turn() {
        setVisible(!isVisible());
    }
}
