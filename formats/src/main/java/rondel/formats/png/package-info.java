/** Pages as pixels: PNG and JPEG. */
package rondel.formats.png;
