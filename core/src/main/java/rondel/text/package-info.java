/** HarfBuzz faces, shaping, and the typesetter that makes outlines of lettering. */
package rondel.text;
