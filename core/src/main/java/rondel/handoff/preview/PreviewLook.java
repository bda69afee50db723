package rondel.handoff.preview;

import java.util.List;
import rondel.geometry.Affine;
import rondel.job.FontChoice;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Shadow;

/** How preview pictures look: quiet, so that the work is what is seen. Lengths in mm on a picture of {@link #SIDE}. */
final class PreviewLook {

    /** How large a picture is; how many pixels that becomes is the file's affair. */
    static final double SIDE = 200;

    /** Kept free around what is shown. */
    static final double MARGIN = 18;

    static final FontChoice FONT = new FontChoice("Nunito", 400, false);

    static final Rgba INK = new Rgba(52, 62, 62, 255);

    /** Lines of rulers and measures. */
    static final double LINE = 0.35;

    static final double LETTERS = 5;

    static final Rgba HAND = new Rgba(196, 188, 176, 255);

    /** What lies on a surface throws this. */
    static final Shadow SHADOW = new Shadow(1.6, 70, 3.4, new Rgba(58, 50, 40, 105));

    /** Marks that say whose a picture is: seen on light and on dark, and not in the way. */
    static final Rgba MARK = new Rgba(255, 255, 255, 105);

    static final Rgba MARK_EDGE = new Rgba(40, 46, 46, 70);

    static final double MARK_LETTERS = 9;

    static final double MARK_TURN = -28;

    private static final Rgba LIGHT = new Rgba(240, 236, 229, 255);
    private static final Rgba DUSK = new Rgba(224, 217, 206, 255);

    private PreviewLook() {}

    /** Light from the top left, so that the surface is seen to be one. */
    static Paint surface() {
        return new Paint.Linear(
                0,
                0,
                SIDE,
                SIDE,
                List.of(new Paint.Stop(0, LIGHT), new Paint.Stop(1, DUSK)),
                Paint.Spread.PAD,
                Affine.IDENTITY);
    }
}
