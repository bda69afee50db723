/** Hand-off sets: files that leave a job together, for a purpose. */
package rondel.handoff.sets;
