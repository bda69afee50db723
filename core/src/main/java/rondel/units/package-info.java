/** Lengths as people type and read them: units, fractions, sums. */
package rondel.units;
