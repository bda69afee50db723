package rondel.handoff.preview;

import java.util.List;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Element;

/** One piece of a sheet: what falls off the cutter, or is peeled off.
 *
 * @param name what the person calls it; empty where it was never named
 * @param cut whether a line is cut around it; else it is only printed
 * @param outline its edge and its holes, on the sheet
 * @param content all that is printed in its reach, on the sheet; its edge cuts off what is not on it */
record SheetPiece(String name, boolean cut, Outline outline, List<Element> content) {

    Box box() {
        return outline.bounds().orElseThrow();
    }
}
