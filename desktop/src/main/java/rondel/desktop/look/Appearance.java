package rondel.desktop.look;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Parent;

/** The theme of a window, and who wants to hear when the person chooses another. */
public final class Appearance {

    private final Parent root;
    private final List<Consumer<Theme>> listeners = new ArrayList<>();
    private Theme theme = Theme.LIGHT;

    public Appearance(Parent root) {
        this.root = root;
        theme.wear(root);
    }

    public Theme theme() {
        return theme;
    }

    /** Shows the window in a theme that was chosen elsewhere. */
    public void show(Theme other) {
        theme = other;
        theme.wear(root);
    }

    /** The person chooses a theme. */
    public void choose(Theme other) {
        show(other);
        List.copyOf(listeners).forEach(l -> l.accept(other));
    }

    public void onChosen(Consumer<Theme> listener) {
        listeners.add(listener);
    }
}
