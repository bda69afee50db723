package rondel.desktop.sheets;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** What a new sheet is for, with the size that such things have; sides in mm.
 *
 * @param key its name in the bundle, under {@code purpose.} */
public record SheetPurpose(String key, double width, double height, LengthUnit unit) {

    public static final List<SheetPurpose> ALL = List.of(
            new SheetPurpose("stickers", 215.9, 279.4, LengthUnit.IN),
            new SheetPurpose("planner", 177.8, 234.95, LengthUnit.IN),
            new SheetPurpose("scrapbook", 304.8, 304.8, LengthUnit.IN),
            new SheetPurpose("postcard", 101.6, 152.4, LengthUnit.IN),
            new SheetPurpose("card", 127, 177.8, LengthUnit.IN),
            new SheetPurpose("tags", 210, 297, LengthUnit.MM),
            new SheetPurpose("cutFile", 304.8, 304.8, LengthUnit.IN));

    public String title() {
        return Words.of("purpose." + key);
    }

    /** Its size in words. */
    public String size() {
        return plain(width) + " × " + plain(height) + " " + unit.symbol();
    }

    private String plain(double mm) {
        return BigDecimal.valueOf(unit.fromMm(mm))
                .setScale(3, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    public Job job() {
        return Job.blank(title(), unit, width, height);
    }
}
