package rondel.lines.filling;

import java.util.List;
import rondel.geometry.Affine;

/** Where a copy of a motif stands.
 *
 * @param x of the motif's middle, in mm
 * @param angle clockwise, in radians, after mirroring
 * @param size its longer side, in mm */
record Placement(Motif motif, double x, double y, double angle, double size, boolean mirrored) {

    /** From the motif's own space to the sheet. */
    Affine map() {
        double cos = StrictMath.cos(angle) * size;
        double sin = StrictMath.sin(angle) * size;
        int flip = mirrored ? -1 : 1;
        return new Affine(cos * flip, sin * flip, -sin, cos, x, y);
    }

    Placement at(double newX, double newY, double newAngle) {
        return new Placement(motif, newX, newY, newAngle, size, mirrored);
    }

    Placement sized(double newSize) {
        return new Placement(motif, x, y, angle, newSize, mirrored);
    }

    /** How far its middle is from a place. */
    double distance(double fromX, double fromY) {
        return Math.sqrt((x - fromX) * (x - fromX) + (y - fromY) * (y - fromY));
    }

    /** What copies cover together, in mm². */
    static double area(List<Placement> placements) {
        return placements.stream().mapToDouble(Placement::area).sum();
    }

    double area() {
        return motif.area() * size * size;
    }
}
