package rondel.formats.export;

/** How lines that a tool follows leave in a file.
 *
 * @param byRole in the colour that the job gives their role, unfilled; else as they are drawn
 * @param hairline as fine as a hair; else as wide as they are drawn
 * @param apart in a group of their own for each role, in front of what is printed; else where they stand
 * @param shared whether SVG draws copies of a design once and uses that drawing, instead of writing each out */
public record LineLook(boolean byRole, boolean hairline, boolean apart, boolean shared) {

    /** Copies are written out, each as a group of its own. */
    public LineLook(boolean byRole, boolean hairline, boolean apart) {
        this(byRole, hairline, apart, false);
    }

    public static final LineLook AS_DRAWN = new LineLook(false, false, false);
    public static final LineLook BY_ROLE = new LineLook(true, false, false);
}
