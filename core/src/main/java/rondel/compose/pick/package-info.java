/** What is under the pointer, in a box, or like something else. */
package rondel.compose.pick;
