package rondel.lines.backdrop;

/** The colours that a backdrop is seen in, to within a step: in light and in shadow, from end to end of a gradient. */
final class BackdropColours {

    private final double step;
    private final int lights;
    private final int sides;
    private final boolean[] near;

    BackdropColours(LabImage colours, boolean[] backdrop, double step) {
        this.step = step;
        this.lights = (int) Math.ceil(1.1 / step) + 3;
        this.sides = (int) Math.ceil(2 * BackdropTuning.FURTHEST / step) + 3;
        int[] counts = new int[lights * sides * sides];
        int all = 0;
        for (int i = 0; i < backdrop.length; i++) {
            if (backdrop[i]) {
                all++;
                counts[cell(colours, i)]++;
            }
        }
        this.near = new boolean[counts.length];
        int least = Math.max(1, all / BackdropTuning.RARE_PART);
        for (int l = 1; l < lights - 1; l++) {
            for (int a = 1; a < sides - 1; a++) {
                for (int b = 1; b < sides - 1; b++) {
                    if (counts[(l * sides + a) * sides + b] >= least) {
                        mark(l, a, b);
                    }
                }
            }
        }
    }

    private void mark(int l, int a, int b) {
        for (int i = l - 1; i <= l + 1; i++) {
            for (int j = a - 1; j <= a + 1; j++) {
                for (int k = b - 1; k <= b + 1; k++) {
                    near[(i * sides + j) * sides + k] = true;
                }
            }
        }
    }

    /** Whether the backdrop is seen in such a colour. */
    boolean holds(LabImage picture, int i) {
        return near[cell(picture, i)];
    }

    private int cell(LabImage image, int i) {
        int l = Math.clamp(Math.round(image.light[i] / step) + 1, 1, lights - 2);
        int a = Math.clamp(Math.round((image.greenRed[i] + BackdropTuning.FURTHEST) / step) + 1, 1, sides - 2);
        int b = Math.clamp(Math.round((image.blueYellow[i] + BackdropTuning.FURTHEST) / step) + 1, 1, sides - 2);
        return (l * sides + a) * sides + b;
    }
}
