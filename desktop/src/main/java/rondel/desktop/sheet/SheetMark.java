package rondel.desktop.sheet;

import rondel.geometry.Point;
import rondel.job.ElementId;

/** Something to be seen at a place on the sheet.
 *
 * @param about what a click on it selects
 * @param place in mm on the sheet
 * @param style the last part of its style class
 * @param sentence what it says when it is pointed at */
public record SheetMark(ElementId about, Point place, String style, String sentence) {}
