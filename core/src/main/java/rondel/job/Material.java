package rondel.job;

import java.util.Optional;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.words.Refusal;

/** What is loaded into a machine, and how its tools go along lines in it.
 *
 * @param thickness in mm, without what it is carried on
 * @param cut nothing for what is usual; so for the other roles
 * @param bladeOffset how far the tip of a blade trails behind the middle of its holder
 * @param overcut how far a closed line is cut on past its start
 * @param leadIn how far before its start a closed line is begun
 * @param mirrored whether it is cut from its back, so that all is mirrored
 * @param form whether it comes in sheets or by the length */
public record Material(
        String name,
        @LeftOut("#ffffff") Rgba colour,
        @Mm @LeftOut("0.2") double thickness,
        Optional<ToolSettings> cut,
        Optional<ToolSettings> kissCut,
        Optional<ToolSettings> score,
        Optional<ToolSettings> draw,
        @Mm @LeftOut("0.25") double bladeOffset,
        @Mm @LeftOut("0.5") double overcut,
        @Mm @LeftOut("0") double leadIn,
        @LeftOut("false") boolean mirrored,
        @LeftOut("sheet") Form form) {

    /** How it comes. */
    public enum Form {
        SHEET,
        ROLL
    }

    private static final double THICKEST = 20;
    private static final double LONGEST_OFFSET = 2;
    private static final double LONGEST_OVERCUT = 10;

    /** @throws Refusal if it has no name, or a figure can't be */
    public Material {
        name = name.strip();
        if (name.isEmpty()) {
            throw Refusal.of("material.noName");
        }
        check(thickness, THICKEST, "thickness");
        check(bladeOffset, LONGEST_OFFSET, "bladeOffset");
        check(overcut, LONGEST_OVERCUT, "overcut");
        check(leadIn, LONGEST_OVERCUT, "leadIn");
    }

    private void check(double value, double most, String what) {
        if (!(value >= 0 && value <= most)) {
            throw Refusal.of("material." + what, name, most);
        }
    }

    /** A material of a colour that is cut with one force, in sheets.
     *
     * @param speed in mm/s
     * @param force in grams */
    public static Material of(String name, Rgba colour, double thickness, double speed, double force) {
        return new Material(
                name,
                colour,
                thickness,
                Optional.of(new ToolSettings(ToolSettings.Tool.BLADE, speed, force, 1)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                0.25,
                0.5,
                0,
                false,
                Form.SHEET);
    }

    /** How a role is made in it. */
    public ToolSettings by(Role role) {
        Optional<ToolSettings> own =
                switch (role) {
                    case CUT -> cut;
                    case KISS_CUT -> kissCut;
                    case SCORE -> score;
                    case DRAW -> draw;
                    default -> Optional.empty();
                };
        return own.orElseGet(() -> ToolSettings.usual(role));
    }

    /** The same with other settings for a role; for print and stitch there are none. */
    public Material with(Role role, ToolSettings settings) {
        return new Material(
                name,
                colour,
                thickness,
                role == Role.CUT ? Optional.of(settings) : cut,
                role == Role.KISS_CUT ? Optional.of(settings) : kissCut,
                role == Role.SCORE ? Optional.of(settings) : score,
                role == Role.DRAW ? Optional.of(settings) : draw,
                bladeOffset,
                overcut,
                leadIn,
                mirrored,
                form);
    }

    /** The same by another name, in another colour. */
    public Material tinted(String other, Rgba tint) {
        return new Material(
                other, tint, thickness, cut, kissCut, score, draw, bladeOffset, overcut, leadIn, mirrored, form);
    }

    /** The same with another blade. */
    public Material withBlade(double offset, double over, double lead) {
        return new Material(name, colour, thickness, cut, kissCut, score, draw, offset, over, lead, mirrored, form);
    }

    public Material mirrored(boolean other) {
        return new Material(
                name, colour, thickness, cut, kissCut, score, draw, bladeOffset, overcut, leadIn, other, form);
    }

    public Material withForm(Form other) {
        return new Material(
                name, colour, thickness, cut, kissCut, score, draw, bladeOffset, overcut, leadIn, mirrored, other);
    }
}
