/** Hand off: sets of files, how each looks before it is made, what they contain from whom, and shops. */
package rondel.desktop.handoff;
