package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import rondel.compose.snap.Snap;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.operation.Operation;

/** What a drag on the selection does: a map on the sheet while it lasts, an operation when it ends. */
public interface Gesture {

    /** Which keys are held. */
    record Keys(boolean shift, boolean alt, boolean control) {
        public static final Keys NONE = new Keys(false, false, false);
    }

    /** How the selection stands with the pointer at a place on the sheet. */
    Affine preview(Point pointer, Keys keys);

    /** What to draw meanwhile, to show what the selection holds to. */
    default List<Snap.Line> lines(Point pointer, Keys keys) {
        return List.of();
    }

    /** The edit that makes it so; nothing where the selection stays. */
    Optional<Operation> finish(Point pointer, Keys keys);
}
