package rondel.job;

import rondel.geometry.Affine;

/** Where a plan has put a copy.
 *
 * @param index the copy's number in the plan, from 0
 * @param put its placement then: where it is elsewhere by now, a hand has moved it
 * @param of what it stood for then */
public record PlannedPlace(PlanId plan, int index, Affine put, Design of) {}
