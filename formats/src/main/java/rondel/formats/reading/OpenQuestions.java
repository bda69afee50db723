package rondel.formats.reading;

/** What a file leaves open, so that a person should be asked.
 *
 * @param pages how many it has
 * @param unitless whether it does not say its unit */
public record OpenQuestions(int pages, boolean unitless) {

    public boolean any() {
        return pages > 1 || unitless;
    }
}
