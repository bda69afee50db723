package rondel.gang.fold;

import rondel.geometry.Affine;
import rondel.job.FaceName;

/** One face of a folded thing as it stands flat on one side of the paper.
 *
 * @param name which face it is
 * @param toPage from the face's own space, whose origin is its top left corner as it is read, to the page that is printed
 * @param width of the face, in mm */
public record Face(FaceName name, Affine toPage, double width, double height) {}
