/** What every part of the window works with: the bench, threads for slow work, what is derived from the selection,
 * progress, and sentences for the person. */
package rondel.desktop.desk;
