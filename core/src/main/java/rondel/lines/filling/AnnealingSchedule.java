package rondel.lines.filling;

/** How far a filling has cooled down: in later rounds ever smaller losses are accepted, and changes are tried in ever smaller
 *  places, as large ones are hardly ever better by then. */
record AnnealingSchedule(int round) {

    /** The loss that is accepted once in e times, as a share of the smallest copy's size squared. */
    double heat() {
        return FillingTuning.FIRST_HEAT * StrictMath.exp(-round / FillingTuning.COOLING_ROUNDS);
    }

    /** How wide the widest place of a change is, as a share of what it is at first. */
    double wide() {
        return Math.max(FillingTuning.NARROWEST, StrictMath.exp(-round / FillingTuning.NARROWING_ROUNDS));
    }
}
