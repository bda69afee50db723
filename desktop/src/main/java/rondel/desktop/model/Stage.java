package rondel.desktop.model;

/** A stage of the work, as the tabs along the top name it.
 *
 * @param id its name in the bundle, under {@code command.stage}
 * @param showsSheet whether the sheet is in the middle, so that commands about artwork have something to be about; in a stage
 *     with a middle of its own they are off */
public record Stage(String id, boolean showsSheet) {

    /** The command that opens it. */
    public String command() {
        return "stage" + id;
    }
}
