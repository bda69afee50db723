package rondel.desktop.sheets;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import rondel.job.Job;
import rondel.words.Words;

/** What a new sheet is for, with the size that such things have.
 *
 * @param key its name in the bundle, under {@code purpose.} */
public record SheetPurpose(String key, SheetFormat format) {

    public static final List<SheetPurpose> ALL = List.of(
            new SheetPurpose("stickers", SheetFormat.named("letter")),
            new SheetPurpose("planner", SheetFormat.named("plannerPage")),
            new SheetPurpose("scrapbook", SheetFormat.named("page12")),
            new SheetPurpose("postcard", SheetFormat.named("card4x6")),
            new SheetPurpose("card", SheetFormat.named("card5x7")),
            new SheetPurpose("tags", SheetFormat.named("a4")),
            new SheetPurpose("cutFile", SheetFormat.named("mat12")));

    public String title() {
        return Words.of("purpose." + key);
    }

    /** Its size in words. */
    public String size() {
        return plain(format.width()) + " × " + plain(format.height()) + " "
                + format.unit().symbol();
    }

    private String plain(double mm) {
        return BigDecimal.valueOf(format.unit().fromMm(mm))
                .setScale(3, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    public Job job() {
        return Job.blank(title(), format.unit(), format.width(), format.height());
    }
}
