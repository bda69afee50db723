package rondel.compose.sheets;

import rondel.job.Sheet;
import rondel.words.Refusal;

/** What sizes a sheet may have. */
public final class SheetSize {

    private SheetSize() {}

    /** Refuses a side that is not a finite number above 0, or longer than {@link Sheet#LONGEST}. */
    public static void check(double width, double height) {
        if (!(width > 0 && height > 0 && width <= Sheet.LONGEST && height <= Sheet.LONGEST)) {
            throw Refusal.of("sheet.badSize", width, height, (int) Sheet.LONGEST);
        }
    }
}
