/** Booleans on curves: outlines laid over each other in one arrangement of the plane, snap-rounded by JTS, whose
 * faces know what they lie in by winding numbers. */
package rondel.geometry.overlay;
