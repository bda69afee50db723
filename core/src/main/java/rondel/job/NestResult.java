package rondel.job;

import java.util.List;
import rondel.fields.Degrees;
import rondel.fields.Mm;

/** Where a search has put pieces. It is kept, as it takes long to find.
 *
 * @param shapes tells whether the pieces still look as they did
 * @param places one for each piece, in the order of the designs and their counts */
public record NestResult(String shapes, List<Place> places) {

    public NestResult {
        places = List.copyOf(places);
    }

    /** A piece on the stock.
     *
     * @param sheet from 0
     * @param x where the middle of the design's box lies, in mm on the stock
     * @param turn clockwise */
    public record Place(
            int sheet, @Mm double x, @Mm double y, @Degrees double turn) {}
}
