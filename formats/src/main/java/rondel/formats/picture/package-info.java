/** PNG and JPEG read, decoded as far as they are needed. */
package rondel.formats.picture;
