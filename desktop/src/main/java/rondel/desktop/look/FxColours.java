package rondel.desktop.look;

import javafx.scene.paint.Color;
import rondel.job.Rgba;

/** Colours between the job and the toolkit. */
public final class FxColours {

    private FxColours() {}

    public static Color of(Rgba c) {
        return Color.rgb(c.red(), c.green(), c.blue(), c.alpha() / 255.0);
    }

    public static Rgba rgba(Color c) {
        return new Rgba(
                (int) Math.round(c.getRed() * 255),
                (int) Math.round(c.getGreen() * 255),
                (int) Math.round(c.getBlue() * 255),
                (int) Math.round(c.getOpacity() * 255));
    }
}
