/** Several alternatives for one place, of which one is shown. */
package rondel.compose.tryout;
