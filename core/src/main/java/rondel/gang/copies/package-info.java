/** Copies of designs: what they show, how that follows the designs, and edits of single copies. */
package rondel.gang.copies;
