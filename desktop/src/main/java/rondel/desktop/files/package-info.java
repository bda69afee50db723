/** What the window does with files, and what it asks about them. */
package rondel.desktop.files;
