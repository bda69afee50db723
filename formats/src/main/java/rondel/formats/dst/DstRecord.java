package rondel.formats.dst;

/** One record: how far the machine moves, in steps, and what it does there. Each axis is a number of five balanced ternary digits, 1, 3, 9, 27 and 81,
 *  each with a bit for plus and one for minus; up is plus.
 *
 * @param dx to the right, from -121 to 121
 * @param dy up */
record DstRecord(int dx, int dy, Command command) {

    /** The most that one record moves, in steps. */
    static final int FURTHEST = 121;

    /** What is done at the end of the move. */
    enum Command {
        SEW(0x03),
        JUMP(0x83),
        CHANGE(0xc3),
        END(0xf3);

        private final int bits;

        Command(int bits) {
            this.bits = bits;
        }
    }

    /** For each bit of the three bytes, from the highest down: on which axis and how far it moves; nothing for bits of commands. */
    private static final int[][] BITS = {
        {1, 1}, {1, -1}, {1, 9}, {1, -9}, {0, -9}, {0, 9}, {0, -1}, {0, 1},
        {1, 3}, {1, -3}, {1, 27}, {1, -27}, {0, -27}, {0, 27}, {0, -3}, {0, 3},
        {}, {}, {1, 81}, {1, -81}, {0, -81}, {0, 81}, {}, {}
    };

    private static final int ENDS = 0xf3;
    private static final int CHANGES = 0xc0;
    private static final int JUMPS = 0x80;
    private static final int ALWAYS = 0x03;

    byte[] bytes() {
        int all = command.bits;
        int[] rest = {dx, dy};
        for (int digit = 81; digit > 0; digit /= 3) {
            for (int axis = 0; axis < 2; axis++) {
                // What the smaller digits can't reach needs this one.
                int reach = (digit - 1) / 2;
                int sign = rest[axis] > reach ? 1 : rest[axis] < -reach ? -1 : 0;
                if (sign != 0) {
                    all |= bit(axis, sign * digit);
                    rest[axis] -= sign * digit;
                }
            }
        }
        return new byte[] {(byte) (all >> 16), (byte) (all >> 8), (byte) all};
    }

    private static int bit(int axis, int step) {
        for (int i = 0; i < BITS.length; i++) {
            if (BITS[i].length == 2 && BITS[i][0] == axis && BITS[i][1] == step) {
                return 1 << 23 - i;
            }
        }
        throw new IllegalArgumentException("no bit for " + step);
    }

    /** @param at where its three bytes begin
     *  @return nothing for bytes that are no record */
    static java.util.Optional<DstRecord> of(byte[] bytes, int at) {
        int all = (bytes[at] & 255) << 16 | (bytes[at + 1] & 255) << 8 | bytes[at + 2] & 255;
        if ((all & 255) == ENDS && all >> 8 == 0) {
            return java.util.Optional.of(new DstRecord(0, 0, Command.END));
        }
        if ((all & ALWAYS) != ALWAYS) {
            return java.util.Optional.empty();
        }
        int[] moved = new int[2];
        for (int i = 0; i < BITS.length; i++) {
            if (BITS[i].length == 2 && (all >> 23 - i & 1) == 1) {
                moved[BITS[i][0]] += BITS[i][1];
            }
        }
        Command command =
                (all & CHANGES) == CHANGES ? Command.CHANGE : (all & JUMPS) == JUMPS ? Command.JUMP : Command.SEW;
        return java.util.Optional.of(new DstRecord(moved[0], moved[1], command));
    }
}
