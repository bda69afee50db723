package rondel.gang.plan;

import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Design;

/** A copy where a plan puts it.
 *
 * @param index its number in the plan, from 0
 * @param place from the design's own space, whose origin is the middle of its box, to the sheet
 * @param box around the design's box on the sheet */
public record LaidCopy(int index, Design design, Affine place, Box box) {}
