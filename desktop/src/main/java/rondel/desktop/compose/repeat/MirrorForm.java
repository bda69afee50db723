package rondel.desktop.compose.repeat;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.MirrorToCorners;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Sheet;

/** How a person wants an arrangement mirrored.
 *
 * @param box the one whose corners are meant, where it is neither the sheet nor the safe area; mm on the sheet
 * @param linked whether the corners follow each other's edits */
public record MirrorForm(Corners corners, Box box, boolean linked) {

    /** Whose corners. */
    public enum Corners {
        SHEET,
        SAFE_AREA,
        BOX
    }

    public MirrorToCorners operation(List<ElementId> ids, Sheet sheet) {
        Optional<Box> within =
                switch (corners) {
                    case SHEET -> Optional.empty();
                    case SAFE_AREA -> Optional.of(sheet.trim().grown(-sheet.safeMargin()));
                    case BOX -> Optional.of(box);
                };
        return new MirrorToCorners(ids, within, linked);
    }
}
