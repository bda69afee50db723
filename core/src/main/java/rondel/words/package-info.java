/** The one bundle of words, and {@link rondel.words.Refusal}, a sentence thrown. */
package rondel.words;
