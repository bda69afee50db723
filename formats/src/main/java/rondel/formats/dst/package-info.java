/** The tape format of embroidery machines (.dst): 512 bytes of header, then records of three bytes with steps of 0.1 mm. */
package rondel.formats.dst;
