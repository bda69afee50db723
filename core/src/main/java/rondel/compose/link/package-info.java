/** Elements that are kept alike, and setting linked elements free. */
package rondel.compose.link;
