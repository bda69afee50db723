/** Colours as people see them (OKLab, Ottosson 2020), recolouring, palettes. */
package rondel.colour;
