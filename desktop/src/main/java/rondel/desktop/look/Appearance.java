package rondel.desktop.look;

import javafx.application.Platform;
import javafx.scene.Parent;

/** How a window looks: its theme, and whether what is at work may move. */
public final class Appearance {

    private static final String STILL = "still";

    private final Parent root;
    private Theme theme = Theme.LIGHT;

    public Appearance(Parent root) {
        this.root = root;
        theme.wear(root);
    }

    public Theme theme() {
        return theme;
    }

    public void show(Theme other) {
        theme = other;
        theme.wear(root);
    }

    /** Has nothing move by itself: what is at work says so in words.
     *
     * @param motion {@code off}, or {@code system} for what the system says */
    public void move(String motion) {
        root.getStyleClass().remove(STILL);
        if (motion.equals("off") || Platform.getPreferences().isReducedMotion()) {
            root.getStyleClass().add(STILL);
        }
    }
}
