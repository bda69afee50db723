package rondel.lines.filling;

/** How far a filling has cooled down: in later rounds ever smaller losses are accepted, and changes are tried in ever smaller
 *  places, as large ones are hardly ever better by then. */
record Cooling(int round) {

    private static final double HEAT = 0.5;
    private static final double COOLS = 150;

    private static final double NARROWS = 415;
    private static final double NARROWEST = 0.25;

    /** The loss that is accepted once in e times, as a share of the smallest copy's size squared. */
    double heat() {
        return HEAT * StrictMath.exp(-round / COOLS);
    }

    /** How wide the widest place of a change is, as a share of what it is at first. */
    double wide() {
        return Math.max(NARROWEST, StrictMath.exp(-round / NARROWS));
    }
}
