package rondel.job;

/** What a picture was before its backdrop was cleared, and how that was done: it can be done anew or undone at any time.
 *
 * @param whole the picture as it came */
public record Cleared(MediaId whole, BackdropSettings how) {}
