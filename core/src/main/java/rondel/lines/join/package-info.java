/** Lines that belong together joined at their ends: which ends meet, the chains they make, and those chains as contours of the
 *  elements that they came from. */
package rondel.lines.join;
