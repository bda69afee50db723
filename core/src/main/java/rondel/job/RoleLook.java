package rondel.job;

import rondel.words.Refusal;
import rondel.words.Words;

/** How lines of a role leave in files that a machine or another program reads.
 *
 * @param colour of its lines, told apart from the other roles'
 * @param layer the name of their group */
public record RoleLook(Role role, Rgba colour, String layer) {

    private static final int LONGEST_NAME = 100;

    public RoleLook {
        if (layer.isBlank() || layer.length() > LONGEST_NAME) {
            throw Refusal.of("roleLook.layer", LONGEST_NAME);
        }
    }

    /** What is used where the job says nothing: colours that are told apart on any screen, each with a name of its own. */
    public static RoleLook usual(Role role) {
        Rgba colour =
                switch (role) {
                    case PRINT -> new Rgba(0x1c, 0x2b, 0x2a, 255);
                    case CUT -> new Rgba(0xc2, 0x18, 0x2b, 255);
                    case KISS_CUT -> new Rgba(0xb0, 0x5a, 0xd6, 255);
                    case SCORE -> new Rgba(0x1d, 0x6f, 0xd1, 255);
                    case DRAW -> new Rgba(0x2e, 0x8b, 0x3d, 255);
                    case STITCH -> new Rgba(0xd9, 0x7a, 0x0b, 255);
                    case GUIDE -> new Rgba(0x8a, 0x8a, 0x8a, 255);
                };
        return new RoleLook(role, colour, Words.of("role." + role));
    }
}
