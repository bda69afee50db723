package rondel.desktop.look;

import javafx.scene.Parent;
import javafx.scene.text.Font;

/** How the window looks: AtlantaFX's light base with Rondel's own colours, set in Nunito. */
public final class Theme {

    private static final String SHEET =
            Theme.class.getResource("/rondel/desktop/rondel.css").toExternalForm();

    private Theme() {}

    /** To be called once, before the first window. */
    public static void install() {
        for (String file : new String[] {"Nunito_400Regular.ttf", "Nunito_700Bold.ttf"}) {
            Font.loadFont(Theme.class.getResourceAsStream("/rondel/demo/fonts/" + file), 13);
        }
        javafx.application.Application.setUserAgentStylesheet(
                new atlantafx.base.theme.PrimerLight().getUserAgentStylesheet());
    }

    public static void dress(Parent root) {
        root.getStylesheets().add(SHEET);
    }
}
