package rondel.job;

/** A colour of the job's own palette, by name. */
public record Swatch(String name, Rgba colour) {}
