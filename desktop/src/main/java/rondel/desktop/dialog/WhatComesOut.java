package rondel.desktop.dialog;

import rondel.desktop.compose.colour.RecolourForm;
import rondel.desktop.compose.repeat.MirrorForm;
import rondel.desktop.compose.repeat.RepeatForm;
import rondel.desktop.compose.space.SpacingForm;
import rondel.desktop.sheets.GuideForm;
import rondel.geometry.Axis;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** What a dialog will do, in a sentence, before it does. */
final class WhatComesOut {

    private static final double PPI = 300;
    private static final double MM_PER_INCH = 25.4;

    private WhatComesOut() {}

    /** Of a sheet: its size, with its bleed, and in pixels. */
    static String sheet(double width, double height, double bleed, LengthUnit unit) {
        String size = LengthFormat.size(width, height, unit);
        String pixels = Math.round(width / MM_PER_INCH * PPI) + " × " + Math.round(height / MM_PER_INCH * PPI);
        return bleed > 0
                ? Words.of(
                        "out.sheetWithBleed",
                        size,
                        LengthFormat.size(width + 2 * bleed, height + 2 * bleed, unit),
                        pixels)
                : Words.of("out.sheet", size, pixels);
    }

    static String of(SpacingForm f, LengthUnit unit) {
        String gap = LengthFormat.withUnit(f.gap(), unit);
        return switch (f.way()) {
            case ROW -> Words.of("out.row", gap);
            case COLUMN -> Words.of("out.column", gap);
            case GRID -> Words.of("out.grid", f.columns(), gap, LengthFormat.withUnit(f.rowGap(), unit));
            case ACROSS -> Words.of("out.across", LengthFormat.withUnit(f.length(), unit));
            case DOWN -> Words.of("out.down", LengthFormat.withUnit(f.length(), unit));
        };
    }

    static String of(RepeatForm f, LengthUnit unit) {
        String start = LengthFormat.withUnit(f.start(), unit);
        return f.length() > 0
                ? Words.of("out.repeat", start, LengthFormat.withUnit(f.length(), unit))
                : Words.of("out.repeatToEnd", start);
    }

    static String of(GuideForm f, LengthUnit unit) {
        return Words.of(
                f.axis() == Axis.HORIZONTAL ? "out.guideUpright" : "out.guideLevel",
                LengthFormat.withUnit(f.at(), unit));
    }

    static String of(MirrorForm f) {
        return Words.of(f.linked() ? "out.mirrorLinked" : "out.mirror");
    }

    static String of(RecolourForm f) {
        return Words.of(
                f.everywhere() ? "out.recolourAll" : "out.recolour", f.from().hex(), f.to().hex());
    }
}
