/** The journal that brings back unsaved work. */
package rondel.formats.journal;
