package rondel.job;

import rondel.fields.LeftOut;
import rondel.words.Refusal;
import rondel.words.Words;

/** How a tool goes along lines in a material.
 *
 * @param speed in mm/s
 * @param force in grams, as cutters are set by
 * @param times how often each line is gone over */
public record ToolSettings(
        @LeftOut("blade") Tool tool,
        double speed,
        double force,
        @LeftOut("1") int times) {

    /** What is in the holder. */
    public enum Tool {
        BLADE,
        SCORER,
        PEN,
        NEEDLE
    }

    private static final double FASTEST = 2000;
    private static final double HARDEST = 10_000;
    private static final int MOST_TIMES = 20;

    /** @throws Refusal if a figure can't be */
    public ToolSettings {
        if (!(speed >= 1 && speed <= FASTEST)) {
            throw Refusal.of("material.speed", FASTEST);
        }
        if (!(force >= 0 && force <= HARDEST)) {
            throw Refusal.of("material.force", HARDEST);
        }
        if (times < 1 || times > MOST_TIMES) {
            throw Refusal.of("material.times", MOST_TIMES);
        }
    }

    /** What is usual for a role where a material does not say. */
    public static ToolSettings usual(Role role) {
        return switch (role) {
            case KISS_CUT -> new ToolSettings(Tool.BLADE, 150, 80, 1);
            case SCORE -> new ToolSettings(Tool.SCORER, 150, 180, 1);
            case DRAW -> new ToolSettings(Tool.PEN, 250, 20, 1);
            case STITCH -> new ToolSettings(Tool.NEEDLE, 30, 0, 1);
            default -> new ToolSettings(Tool.BLADE, 100, 200, 1);
        };
    }

    /** In words: the tool. */
    public String toolName() {
        return Words.of("tool." + tool);
    }
}
