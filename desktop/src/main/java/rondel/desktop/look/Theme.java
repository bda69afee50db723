package rondel.desktop.look;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.util.List;
import javafx.application.Application;
import javafx.application.ColorScheme;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.text.Font;
import rondel.formats.preferences.ChoiceWord;

/** How windows look: AtlantaFX's base with Rondel's own colours by day or by night, set in Nunito. */
public enum Theme {
    LIGHT,
    DARK,
    /** As the system has it just now. */
    SYSTEM;

    private static final String SHEET = sheet("rondel");
    private static final String DAY = sheet("palette-light");
    private static final String NIGHT = sheet("palette-dark");

    private static String sheet(String name) {
        return Theme.class.getResource("/rondel/desktop/" + name + ".css").toExternalForm();
    }

    /** To be called once, before the first window. */
    public static void install() {
        for (String file : new String[] {"Nunito_400Regular.ttf", "Nunito_700Bold.ttf"}) {
            Font.loadFont(Theme.class.getResourceAsStream("/rondel/demo/fonts/" + file), 13);
        }
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
    }

    /** By its name in the preferences; the light one where there is none of that name. */
    public static Theme named(String name) {
        return ChoiceWord.named(name, LIGHT);
    }

    /** Its name in the preferences. */
    public String preference() {
        return ChoiceWord.of(this);
    }

    private boolean isDark() {
        return this == DARK || this == SYSTEM && Platform.getPreferences().getColorScheme() == ColorScheme.DARK;
    }

    /** Puts a window into this theme; all windows of the program have the same. */
    public void wear(Parent root) {
        boolean night = isDark();
        dress(root, night);
        String base = night ? new PrimerDark().getUserAgentStylesheet() : new PrimerLight().getUserAgentStylesheet();
        // To set it, even to what it is, has the toolkit style all windows anew.
        if (!base.equals(Application.getUserAgentStylesheet())) {
            Application.setUserAgentStylesheet(base);
        }
    }

    /** Gives something with a window of its own the look of another one; that of the day where there is none. */
    public static void like(Parent root, Node other) {
        boolean night = other != null
                && other.getScene() != null
                && other.getScene().getRoot().getStylesheets().contains(NIGHT);
        dress(root, night);
    }

    private static void dress(Parent root, boolean night) {
        List<String> wanted = List.of(night ? NIGHT : DAY, SHEET);
        if (!root.getStylesheets().containsAll(wanted)) {
            root.getStylesheets().removeAll(SHEET, DAY, NIGHT);
            root.getStylesheets().addAll(wanted);
        }
    }
}
