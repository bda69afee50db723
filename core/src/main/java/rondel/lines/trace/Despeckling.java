package rondel.lines.trace;

import java.util.Arrays;

/** Gives areas of few pixels to the neighbour they share the most of their edge with. */
final class Despeckling {

    private final int width;
    private final int height;
    private final int[] labels;
    private final int[] stack;

    private Despeckling(int[] labels, int width, int height) {
        this.labels = labels;
        this.width = width;
        this.height = height;
        this.stack = new int[labels.length];
    }

    /** @param least areas of fewer pixels go; changed in place */
    static void remove(int[] labels, int width, int height, int least, int colours) {
        Despeckling all = new Despeckling(labels, width, height);
        all.smallAreas(least, colours);
    }

    private void smallAreas(int least, int colours) {
        boolean[] seen = new boolean[labels.length];
        int[] edges = new int[colours + 1];
        for (int start = 0; start < labels.length; start++) {
            if (seen[start]) {
                continue;
            }
            int own = labels[start];
            int count = 0;
            int next = 0;
            stack[count++] = start;
            seen[start] = true;
            Arrays.fill(edges, 0);
            while (next < count) {
                int i = stack[next++];
                int x = i % width;
                count = look(x > 0 ? i - 1 : -1, own, seen, edges, count);
                count = look(x < width - 1 ? i + 1 : -1, own, seen, edges, count);
                count = look(i - width, own, seen, edges, count);
                count = look(i + width < labels.length ? i + width : -1, own, seen, edges, count);
            }
            if (count < least) {
                int best = own + 1;
                for (int c = 0; c <= colours; c++) {
                    best = c != own + 1 && (best == own + 1 || edges[c] > edges[best]) && edges[c] > 0 ? c : best;
                }
                for (int k = 0; k < count; k++) {
                    labels[stack[k]] = best - 1;
                }
            }
        }
    }

    private int look(int i, int own, boolean[] seen, int[] edges, int count) {
        if (i < 0) {
            return count;
        }
        if (labels[i] != own) {
            edges[labels[i] + 1]++;
            return count;
        }
        if (!seen[i]) {
            seen[i] = true;
            stack[count] = i;
            return count + 1;
        }
        return count;
    }
}
