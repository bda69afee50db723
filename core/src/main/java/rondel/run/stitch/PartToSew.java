package rondel.run.stitch;

import rondel.job.SewnPart;
import rondel.job.StitchSettings;

/** A part with what it is sewn from. */
record PartToSew(SewnPart part, StitchSettings settings, StitchedElement.Shape shape) {}
