/** The painter: elements onto a Graphics2D, the same for screen, thumbnails and pictures; shadows and how far paint
 * reaches. */
package rondel.paint;
