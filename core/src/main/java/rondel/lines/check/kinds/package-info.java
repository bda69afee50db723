/** The checks, a class each, and the list of them. */
package rondel.lines.check.kinds;
