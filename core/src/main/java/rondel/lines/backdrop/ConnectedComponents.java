package rondel.lines.backdrop;

/** The patches of pixels that hang together by their sides. */
final class ConnectedComponents {

    private ConnectedComponents() {}

    /** Hears of each patch. */
    interface Visitor {
        /** @param pixels the first {@code count} are the patch */
        void patch(int count, int[] pixels);
    }

    static void of(boolean[] marked, int width, int height, Visitor visitor) {
        boolean[] left = marked.clone();
        int[] pixels = new int[marked.length];
        for (int start = 0; start < left.length; start++) {
            if (!left[start]) {
                continue;
            }
            left[start] = false;
            pixels[0] = start;
            int count = 1;
            for (int at = 0; at < count; at++) {
                int i = pixels[at];
                int x = i % width;
                count = x > 0 ? with(left, pixels, i - 1, count) : count;
                count = x < width - 1 ? with(left, pixels, i + 1, count) : count;
                count = i >= width ? with(left, pixels, i - width, count) : count;
                count = i < width * (height - 1) ? with(left, pixels, i + width, count) : count;
            }
            visitor.patch(count, pixels);
        }
    }

    private static int with(boolean[] left, int[] pixels, int i, int count) {
        if (!left[i]) {
            return count;
        }
        left[i] = false;
        pixels[count] = i;
        return count + 1;
    }
}
