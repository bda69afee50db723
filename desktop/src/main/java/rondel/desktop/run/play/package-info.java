/** What pictures of passes have in common: how they are looked at, and how they are played. */
package rondel.desktop.run.play;
