package rondel.job;

import rondel.fields.Degrees;
import rondel.fields.Mm;

/** The soft shadow that an element throws on what lies behind it. It is measured on the sheet, however the element is
 *  scaled or turned.
 *
 * @param distance how far it is moved, in mm, 0 or more
 * @param angle which way, in degrees clockwise from the right
 * @param softness over how many mm its edge fades: twice the standard deviation of the blur; 0 or more
 * @param colour with its strength as alpha */
public record Shadow(
        @Mm double distance, @Degrees double angle, @Mm double softness, Rgba colour) {

    /** Down and to the right, as people expect of light from the top left. */
    public static final Shadow USUAL = new Shadow(1.5, 60, 2, new Rgba(30, 40, 40, 110));

    public double dx() {
        return distance * Math.cos(Math.toRadians(angle));
    }

    public double dy() {
        return distance * Math.sin(Math.toRadians(angle));
    }

    /** The standard deviation of the blur, in mm. */
    public double deviation() {
        return softness / 2;
    }

    /** How far beyond the moved element it can be seen, in mm. */
    public double reach() {
        return 3 * deviation();
    }
}
