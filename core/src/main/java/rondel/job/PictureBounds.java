package rondel.job;

/** What of a picture counts for its size, its gaps and where it snaps. */
public enum PictureBounds {
    /** What can be seen of it: pixels that are not nearly clear. */
    SEEN,
    /** Its frame, clear margins and all. */
    FRAME
}
