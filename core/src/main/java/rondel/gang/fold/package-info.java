/** Things that are folded from flat sheets: tags with front and back, and cards; where each of their faces stands on each side of the
 *  paper, and where the folds are. */
package rondel.gang.fold;
