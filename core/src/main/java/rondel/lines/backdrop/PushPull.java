package rondel.lines.backdrop;

/** Carries colours that are known in some places smoothly to all others: averaged down a pyramid, and filled in on the way back
 *  up (push-pull, Gortler and others 1996). */
final class PushPull {

    private PushPull() {}

    /** @param known where the colours count */
    static LabImage of(LabImage colours, boolean[] known) {
        float[] weight = new float[known.length];
        for (int i = 0; i < known.length; i++) {
            weight[i] = known[i] ? 1 : 0;
        }
        LabImage out = LabImage.empty(colours.width, colours.height);
        plane(colours.light, weight, colours.width, colours.height, out.light);
        plane(colours.greenRed, weight, colours.width, colours.height, out.greenRed);
        plane(colours.blueYellow, weight, colours.width, colours.height, out.blueYellow);
        return out;
    }

    /** One plane: where the weight is 0, what is around it. */
    static void plane(float[] values, float[] weight, int width, int height, float[] out) {
        if (width <= 2 && height <= 2) {
            float sum = 0;
            float total = 0;
            for (int i = 0; i < values.length; i++) {
                sum += weight[i] * values[i];
                total += weight[i];
            }
            for (int i = 0; i < values.length; i++) {
                out[i] = weight[i] > 0 ? values[i] : total > 0 ? sum / total : 0;
            }
            return;
        }
        int w = (width + 1) / 2;
        int h = (height + 1) / 2;
        float[] half = new float[w * h];
        float[] halfWeight = new float[w * h];
        halve(values, weight, width, height, half, halfWeight);
        float[] filled = new float[w * h];
        plane(half, halfWeight, w, h, filled);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                float part = Math.min(1, weight[i]);
                float coarse = part < 1 ? between(filled, w, h, (x - 0.5f) / 2, (y - 0.5f) / 2) : 0;
                out[i] = part * values[i] + (1 - part) * coarse;
            }
        }
    }

    private static void halve(float[] v, float[] weight, int width, int height, float[] half, float[] halfWeight) {
        int w = (width + 1) / 2;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                int k = y / 2 * w + x / 2;
                half[k] += weight[i] * v[i];
                halfWeight[k] += weight[i];
            }
        }
        for (int k = 0; k < half.length; k++) {
            if (halfWeight[k] > 0) {
                half[k] /= halfWeight[k];
            }
        }
    }

    /** Between the middles of the pixels around a place. */
    static float between(float[] v, int w, int h, float x, float y) {
        float cx = Math.clamp(x, 0, w - 1);
        float cy = Math.clamp(y, 0, h - 1);
        int i = Math.min((int) cx, Math.max(0, w - 2));
        int j = Math.min((int) cy, Math.max(0, h - 2));
        int right = w > 1 ? 1 : 0;
        int below = h > 1 ? w : 0;
        float fx = cx - i;
        float fy = cy - j;
        int k = j * w + i;
        float upper = v[k] + fx * (v[k + right] - v[k]);
        float lower = v[k + below] + fx * (v[k + below + right] - v[k + below]);
        return upper + fy * (lower - upper);
    }
}
