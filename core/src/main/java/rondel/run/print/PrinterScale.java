package rondel.run.print;

import rondel.geometry.Affine;
import rondel.words.Refusal;

/** How much larger a printer makes things than they should be, as somebody has measured on its test page.
 *
 * @param printer by its name
 * @param across 1 where a mm across the sheet comes out as one
 * @param down 1 where a mm down the sheet comes out as one */
public record PrinterScale(String printer, double across, double down) {

    /** A printer that is farther off than this is not off: it was told to fit the page. */
    private static final double MOST = 0.1;

    /** @throws Refusal if it is no scale that a printer has by itself */
    public PrinterScale {
        printer = printer.strip();
        if (printer.isEmpty()) {
            throw Refusal.of("printer.noName");
        }
        for (double s : new double[] {across, down}) {
            if (!(Math.abs(s - 1) <= MOST)) {
                throw Refusal.of("printer.scale", Math.round((1 - MOST) * 100), Math.round((1 + MOST) * 100));
            }
        }
    }

    /** By what came out where a square should have.
     *
     * @param width of the square as it was measured, in mm
     * @param height of it
     * @param square its side as it should be, in mm */
    public static PrinterScale measured(String printer, double width, double height, double square) {
        return new PrinterScale(printer, width / square, height / square);
    }

    /** What a page is changed by so that it comes out right: about its lower left corner.
     *
     * @param pageHeight in mm */
    public Affine compensation(double pageHeight) {
        return Affine.translate(0, pageHeight)
                .times(Affine.scale(1 / across, 1 / down))
                .times(Affine.translate(0, -pageHeight));
    }
}
