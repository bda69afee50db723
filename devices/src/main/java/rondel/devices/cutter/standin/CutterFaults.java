package rondel.devices.cutter.standin;

import java.util.OptionalInt;
import java.util.OptionalLong;

/** What goes wrong, once each.
 *
 * @param dropAfter the line breaks after so many bytes
 * @param jamAfter the material jams after so many lines were begun
 * @param silent whether it takes no byte and answers nothing */
public record CutterFaults(OptionalLong dropAfter, OptionalInt jamAfter, boolean silent) {
    public static final CutterFaults NONE = new CutterFaults(OptionalLong.empty(), OptionalInt.empty(), false);
}
