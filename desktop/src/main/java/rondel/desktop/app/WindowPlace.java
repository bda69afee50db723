package rondel.desktop.app;

import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;

/** Where a window stands on the desktop.
 *
 * @param maximized whether it fills its screen; the rest is where it stands otherwise */
record WindowPlace(double x, double y, double width, double height, boolean maximized) {

    /** Where a window is now; what it is without filling its screen is not known while it does. */
    static WindowPlace of(Stage stage) {
        return new WindowPlace(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight(), stage.isMaximized());
    }

    /** Puts a window there, unless no screen that there is now has room for it. */
    void onto(Stage stage) {
        Rectangle2D place = new Rectangle2D(x, y, Math.max(1, width), Math.max(1, height));
        boolean seen =
                Screen.getScreens().stream().anyMatch(s -> s.getVisualBounds().contains(place));
        if (seen) {
            stage.setX(x);
            stage.setY(y);
            stage.setWidth(width);
            stage.setHeight(height);
        }
        stage.setMaximized(maximized);
    }
}
