package rondel.job;

/** How a picture lies in its window. */
public enum Fit {
    /** As small as it can be without leaving a part of the window empty. */
    FILL,
    /** As large as it can be and still be seen whole. */
    WHOLE,
    /** As the person has moved, sized and turned it. */
    FREE
}
