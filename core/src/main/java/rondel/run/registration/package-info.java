/** Registration: marks found on a picture of a printed sheet, and the map from the design to the paper that they tell. */
package rondel.run.registration;
