package rondel.desktop.sheets;

import rondel.geometry.Axis;

/** A guide that a person asks for by typing: upright at x for HORIZONTAL, level at y for VERTICAL; mm. */
public record GuideForm(Axis axis, double at) {}
