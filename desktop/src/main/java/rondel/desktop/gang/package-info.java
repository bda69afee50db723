/** Gang: what is to be made and how many, the sheets of stock beside each other, and the plan's figures. */
package rondel.desktop.gang;
