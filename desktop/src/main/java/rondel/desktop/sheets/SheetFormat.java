package rondel.desktop.sheets;

import java.util.List;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** A sheet size that people ask for by name; sides in mm.
 *
 * @param key its name in the bundle, under {@code format.} */
public record SheetFormat(String key, double width, double height, LengthUnit unit) {

    public static final List<SheetFormat> USUAL = List.of(
            new SheetFormat("page12", 304.8, 304.8, LengthUnit.IN),
            new SheetFormat("letter", 215.9, 279.4, LengthUnit.IN),
            new SheetFormat("a4", 210, 297, LengthUnit.MM),
            new SheetFormat("card5x7", 127, 177.8, LengthUnit.IN),
            new SheetFormat("card4x6", 101.6, 152.4, LengthUnit.IN),
            new SheetFormat("plannerPage", 177.8, 234.95, LengthUnit.IN),
            new SheetFormat("mat12", 304.8, 304.8, LengthUnit.IN),
            new SheetFormat("mat12x24", 304.8, 609.6, LengthUnit.IN),
            new SheetFormat("hoop4", 101.6, 101.6, LengthUnit.IN),
            new SheetFormat("own", 150, 100, LengthUnit.MM));

    /** A usual format by its name in the bundle. */
    static SheetFormat named(String key) {
        return USUAL.stream().filter(f -> f.key.equals(key)).findFirst().orElseThrow();
    }

    /** The first usual format of this size, or the person's own. */
    public static SheetFormat of(double width, double height) {
        return USUAL.stream()
                .filter(f -> !f.key.equals("own") && f.width == width && f.height == height)
                .findFirst()
                .orElse(USUAL.getLast());
    }

    @Override
    public String toString() {
        return Words.of("format." + key);
    }
}
