/** What happens under load and fault: mutated files, random edits, saves that are killed, two programs on one job, places that can't be written to, and
 * the window in random use for hours. Any exception without a sentence, anything that computes for ten seconds or waits for a minute, anything that is lost,
 * and any memory that is not given back is a fault. */
package rondel.bench.soak;
