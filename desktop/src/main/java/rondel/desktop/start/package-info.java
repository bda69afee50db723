/** Where one begins. */
package rondel.desktop.start;
