package rondel.run.registration;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.geometry.Point;

/** Where a design lies on a picture of what was printed.
 *
 * @param map from the sheet, in mm with y down, to the picture, in pixels
 * @param residual how far the edges of the marks are from where the map puts them: the root of the mean square, in mm
 * @param marks the middles that were found, in pixels, in the order of the marks on the sheet
 * @param width of the picture, in pixels
 * @param height of the picture, in pixels */
public record Registration(Homography map, double residual, List<Point> marks, int width, int height) {

    private static final double NEARLY = 0.1;
    private static final double MM_PER_INCH = 25.4;

    public Registration {
        marks = List.copyOf(marks);
    }

    /** How many pixels are a mm in the middle of the sheet, if what was printed has its true size. */
    public double pixelsPerMm(Point middle) {
        return map.scaleAt(middle);
    }

    /** Pixels per inch of the picture: as it says itself, where the marks say nearly the same; else by the marks. What phones write
     *  into theirs is no scale.
     *
     * @param said what the picture says
     * @param middle of the sheet, in mm */
    public double ppi(Optional<Double> said, Point middle) {
        double byMarks = MM_PER_INCH * pixelsPerMm(middle);
        return said.filter(p -> Math.abs(p / byMarks - 1) < NEARLY).orElse(byMarks);
    }

    /** From the design to where the tool has to go, in mm of the sheet as it should lie: the lower left corner of the picture is that of the
     *  machine.
     *
     * @param ppi pixels per inch of the picture
     * @param sheetHeight in mm */
    public UnaryOperator<Point> onPaper(double ppi, double sheetHeight) {
        double perMm = ppi / MM_PER_INCH;
        return p -> {
            Point pixel = map.apply(p);
            return new Point(pixel.x() / perMm, sheetHeight - (height - pixel.y()) / perMm);
        };
    }
}
