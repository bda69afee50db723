package rondel.run.stitch;

import rondel.job.SewnPart;
import rondel.job.StitchSettings;

/** A part with what it is sewn from.
 *
 * @param text whether it is lettering */
record PartToSew(SewnPart part, StitchSettings settings, StitchedElement.Shape shape, boolean text) {}
