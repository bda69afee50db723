package rondel.devices;

import rondel.geometry.Point;

/** How askew a sheet lies in a machine, about the machine's lower left corner.
 *
 * @param x to the right, in mm
 * @param y up, in mm
 * @param degrees turned, anticlockwise
 * @param scale how much larger what is made comes out */
public record Misfeed(double x, double y, double degrees, double scale) {

    public static final Misfeed NONE = new Misfeed(0, 0, 0, 1);

    /** Where on the sheet something comes that is made at a place of the machine; both from the lower left corner, y up. */
    public Point onSheet(Point machine) {
        double a = Math.toRadians(degrees);
        return new Point(
                scale * (machine.x() * Math.cos(a) - machine.y() * Math.sin(a)) + x,
                scale * (machine.x() * Math.sin(a) + machine.y() * Math.cos(a)) + y);
    }
}
