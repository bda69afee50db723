/** Fault injection: mutated files, random histories that are killed, and saves against targets that can't be written. Any
 * exception without a sentence, anything that computes for ten seconds or waits for a minute, and any difference is a fault. */
package rondel.bench.faults;
