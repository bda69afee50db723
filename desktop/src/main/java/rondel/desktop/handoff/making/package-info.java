/** What the Hand off stage works out and does. */
package rondel.desktop.handoff.making;
