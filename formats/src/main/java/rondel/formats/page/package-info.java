/** A sheet, or some elements, as what goes into a file. */
package rondel.formats.page;
