package rondel.job;

import rondel.fields.LeftOut;

/** What tells a pass of a sheet from its others.
 *
 * @param material by its name
 * @param role of its lines
 * @param number 0 for the pass that all such lines are in by themselves; above, one that was split off */
public record PassKey(
        String material, Role role, @LeftOut("0") int number) {

    public static PassKey of(String material, Role role) {
        return new PassKey(material, role, 0);
    }
}
