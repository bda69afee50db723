package rondel.arrange;

/** Left to right, or top to bottom. */
public enum Axis {
    HORIZONTAL,
    VERTICAL
}
