package rondel.desktop.lines.making;

/** How shapes are made from shapes, as chosen in the window. One thread uses it. */
public final class ShapeChoice {

    private boolean lines;

    /** Whether lines count with the area that they cover, open ones too. */
    public boolean lines() {
        return lines;
    }

    public void lines(boolean other) {
        lines = other;
    }
}
