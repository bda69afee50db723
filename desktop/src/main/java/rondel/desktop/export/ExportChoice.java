package rondel.desktop.export;

import rondel.formats.export.ExportFormat;

/** What the person wants exported.
 *
 * @param selectionOnly only what is selected, cropped to it */
public record ExportChoice(ExportFormat format, boolean selectionOnly, double ppi, boolean transparent) {}
