package rondel.geometry.overlay;

import rondel.geometry.FillRule;
import rondel.geometry.Outline;

/** A filled outline that takes part in an overlay; open contours count as closed. */
public record Operand(Outline outline, FillRule rule) {}
