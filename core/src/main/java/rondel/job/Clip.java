package rondel.job;

import rondel.geometry.FillRule;
import rondel.geometry.Outline;

/** The outline inside which a group shows, in the group's own space. */
public record Clip(Outline outline, FillRule rule) {}
