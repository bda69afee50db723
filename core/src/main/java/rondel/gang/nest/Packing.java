package rondel.gang.nest;

/** Pieces that do not overlap.
 *
 * @param sheets how many sheets are used
 * @param length how far down the pieces of the last sheet reach, in mm */
record Packing(int sheets, double length, Arrangement.Snapshot snapshot) {

    static Packing of(Arrangement all) {
        int last = 0;
        for (int s : all.sheet) {
            last = Math.max(last, s);
        }
        return new Packing(last + 1, all.used(last), all.snapshot());
    }

    /** Fewer sheets are better, then less of the last. */
    boolean isBetterThan(Packing other) {
        return sheets != other.sheets ? sheets < other.sheets : length < other.length - 1e-9;
    }
}
