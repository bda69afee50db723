/** Bounded keeping of what was worked out. */
package rondel.cache;
