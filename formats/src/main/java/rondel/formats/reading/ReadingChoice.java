package rondel.formats.reading;

import java.util.Optional;
import rondel.units.LengthUnit;

/** What of a file is read, and how, where the file leaves that open.
 *
 * @param page of what has several, from 1
 * @param unit of a drawing that does not say its own; mm where nothing is said */
public record ReadingChoice(int page, Optional<LengthUnit> unit) {

    public static final ReadingChoice USUAL = new ReadingChoice(1, Optional.empty());
}
