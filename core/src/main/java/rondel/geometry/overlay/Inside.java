package rondel.geometry.overlay;

import java.util.BitSet;
import rondel.geometry.FillRule;

/** Which operands a face lies in, kept up to date as a walk crosses from face to face. */
public final class Inside {

    private final FillRule[] rules;
    private final int[] windings;
    private final BitSet inside = new BitSet();
    private int count;

    Inside(FillRule[] rules) {
        this.rules = rules;
        this.windings = new int[rules.length];
    }

    /** Goes round an operand once more, or once less. */
    void turn(int operand, int by) {
        windings[operand] += by;
        boolean now = rules[operand] == FillRule.EVEN_ODD ? (windings[operand] & 1) != 0 : windings[operand] != 0;
        if (now != inside.get(operand)) {
            inside.set(operand, now);
            count += now ? 1 : -1;
        }
    }

    /** In how many operands the face lies. */
    public int count() {
        return count;
    }

    public boolean in(int operand) {
        return inside.get(operand);
    }

    /** The last of the operands that it lies in: the one in front; -1 for none. */
    public int last() {
        return inside.length() - 1;
    }

    /** The operands it lies in, as they are now. */
    public BitSet all() {
        return (BitSet) inside.clone();
    }
}
