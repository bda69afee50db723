/** The Lines stage: what will be made, what the checks find, and the tools that make clean outlines. */
package rondel.desktop.lines;
