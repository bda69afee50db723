/** What is drawn on the sheet by hand: plain shapes, and outlines of one's own with the pen. */
package rondel.desktop.sheet.drawing;
