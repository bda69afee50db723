package rondel.job;

import rondel.fields.LeftOut;

/** A font by family.
 *
 * @param weight 1 to 1000; 400 is regular, 700 bold */
public record FontChoice(String family, @LeftOut("400") int weight, boolean italic) {}
