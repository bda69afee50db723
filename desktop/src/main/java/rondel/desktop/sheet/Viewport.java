package rondel.desktop.sheet;

import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** How the sheet lies under the window: {@code scale} screen px a mm, and where the sheet's origin is on the screen. */
public record Viewport(double scale, double originX, double originY) {

    /** Screen px a mm at true size: 96 to the inch, as the toolkit counts them. */
    public static final double TRUE_SIZE = 96 / 25.4;

    private static final double LEAST = TRUE_SIZE / 50;
    private static final double MOST = TRUE_SIZE * 64;

    /** Shows a box in the middle of an area with some room around it. */
    public static Viewport fitting(Box box, double width, double height, double room) {
        double across = (width - 2 * room) / Math.max(box.width(), 1e-6);
        double down = (height - 2 * room) / Math.max(box.height(), 1e-6);
        double scale = clamped(Math.min(across, down));
        return new Viewport(
                scale,
                Math.rint(width / 2 - box.centre().x() * scale),
                Math.rint(height / 2 - box.centre().y() * scale));
    }

    public Viewport panned(double dx, double dy) {
        return new Viewport(scale, originX + dx, originY + dy);
    }

    /** Zooms so that what is under (x, y) on the screen stays there. */
    public Viewport zoomed(double factor, double x, double y) {
        double to = clamped(scale * factor);
        double k = to / scale;
        return new Viewport(to, x - (x - originX) * k, y - (y - originY) * k);
    }

    private static double clamped(double scale) {
        return Math.min(MOST, Math.max(LEAST, scale));
    }

    public Point toSheet(double x, double y) {
        return new Point((x - originX) / scale, (y - originY) / scale);
    }

    public Point toScreen(Point p) {
        return new Point(p.x() * scale + originX, p.y() * scale + originY);
    }

    public Affine toScreen() {
        return new Affine(scale, 0, 0, scale, originX, originY);
    }

    /** How large things look, as a percentage of true size. */
    public double percent() {
        return 100 * scale / TRUE_SIZE;
    }
}
