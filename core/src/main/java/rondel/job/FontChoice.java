package rondel.job;

/** A font by family.
 *
 * @param weight 1 to 1000; 400 is regular, 700 bold */
public record FontChoice(String family, int weight, boolean italic) {}
