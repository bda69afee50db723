package rondel.job;

import rondel.fields.LeftOut;

/** A colour of the job's own palette, by name. */
public record Swatch(@LeftOut("") String name, Rgba colour) {}
