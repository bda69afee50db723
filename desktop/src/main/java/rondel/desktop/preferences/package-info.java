/** What a person prefers, to be looked at and changed. */
package rondel.desktop.preferences;
