package rondel.formats.export;

/** How lines that a tool follows leave in a file.
 *
 * @param byRole in the colour that the job gives their role, unfilled; else as they are drawn
 * @param hairline as fine as a hair; else as wide as they are drawn
 * @param apart in a group of their own for each role, in front of what is printed; else where they stand */
public record LineLook(boolean byRole, boolean hairline, boolean apart) {

    public static final LineLook AS_DRAWN = new LineLook(false, false, false);
    public static final LineLook BY_ROLE = new LineLook(true, false, false);
}
