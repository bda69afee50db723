/** What is to be said of plans and lists: pieces that meet, bleed that is cut off, copies out of reach, names that do not fit. */
package rondel.gang.check;
