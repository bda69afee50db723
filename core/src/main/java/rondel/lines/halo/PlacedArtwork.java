package rondel.lines.halo;

import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;

/** Covered artwork where it stands on the sheet, in mm from the place that it was worked out at. */
record PlacedArtwork(CoveredArtwork art, double x, double y) {

    boolean isEmpty() {
        return art.outline().isEmpty();
    }

    Optional<Box> bounds() {
        return art.bounds().map(b -> b.moved(x, y));
    }

    /** From where it was worked out to the sheet. */
    Outline onSheet(Outline outline) {
        return outline.transformed(Affine.translate(x, y));
    }
}
