package rondel.formats.export;

import rondel.job.Rgba;
import rondel.words.Refusal;

/** How a JPEG is written.
 *
 * @param quality from 0.05 for the smallest file to 1 for the best
 * @param matte what is seen where the page is transparent, as JPEG has no alpha */
public record JpegChoice(double quality, Rgba matte) {

    public static final JpegChoice USUAL = new JpegChoice(0.92, Rgba.WHITE);

    private static final double LEAST = 0.05;

    /** @throws Refusal if the quality is none */
    public JpegChoice {
        if (!(quality >= LEAST && quality <= 1)) {
            throw Refusal.of("export.quality");
        }
    }
}
