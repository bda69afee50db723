/** Run: passes in order, what is loaded with its lines and the way of the blade, and the machine. */
package rondel.desktop.run;
