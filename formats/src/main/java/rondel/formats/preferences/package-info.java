/** What a person prefers, in every job. */
package rondel.formats.preferences;
