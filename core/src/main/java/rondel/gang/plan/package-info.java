/** Plans: which designs are laid out on which stock, in which way; and the sheets that follow from that. */
package rondel.gang.plan;
