package rondel.bench.soak;

import java.util.List;

/** One way to put a load on the program. */
interface SoakPart {

    /** What came of it.
     *
     * @param said figures, for a person to read
     * @param faults a line each */
    record Outcome(String said, List<String> faults) {

        public Outcome {
            faults = List.copyOf(faults);
        }
    }

    /** @param count how many times
     *  @param seed the same gives the same */
    Outcome run(int count, long seed) throws Exception;
}
