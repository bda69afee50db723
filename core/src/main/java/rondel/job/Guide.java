package rondel.job;

import rondel.geometry.Axis;

/** A line on a sheet to line things up with; never made.
 *
 * @param across the axis it is placed along: HORIZONTAL for an upright line at x = {@code at}
 * @param at in mm */
public record Guide(Axis across, double at) {}
