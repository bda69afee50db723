package rondel.lines.filling;

import java.util.Arrays;
import java.util.List;

/** How large a copy may be at a place. What is known of a point of it at one size tells how near something can be at another,
 *  as the distance to what is there changes no faster than the point moves (conservative advancement: Mirtich, Impulse-based
 *  Dynamic Simulation, 1996): most points are looked at once. */
final class LargestSize {

    private final FreeSpace space;
    private final double[] size;
    private final double[] room;

    /** The probe of each motif that last stood in the way, which is likely to do so again. */
    private final int[] last;

    private Motif motif;
    private double x;
    private double y;
    private double cos;
    private double sin;
    private int flip;

    LargestSize(FreeSpace space, List<Motif> motifs) {
        this.space = space;
        int most = motifs.stream()
                .mapToInt(m -> m.probes().length / Motif.PROBE)
                .max()
                .orElse(0);
        this.size = new double[most];
        this.room = new double[most];
        this.last = new int[motifs.stream().mapToInt(Motif::index).max().orElse(-1) + 1];
    }

    /** From now on it is about a copy there, of any size. */
    void at(Placement placement) {
        motif = placement.motif();
        x = placement.x();
        y = placement.y();
        cos = StrictMath.cos(placement.angle());
        sin = StrictMath.sin(placement.angle());
        flip = placement.mirrored() ? -1 : 1;
        Arrays.fill(room, -Double.MAX_VALUE);
    }

    /** Whether it has room at a size. */
    boolean fits(double wanted) {
        int first = last[motif.index()];
        if (!hasRoom(first, wanted)) {
            return false;
        }
        int n = motif.probes().length / Motif.PROBE;
        for (int i = 0; i < n; i++) {
            if (!hasRoom(i, wanted)) {
                last[motif.index()] = i;
                return false;
            }
        }
        return true;
    }

    private boolean hasRoom(int i, double wanted) {
        if (least(i, wanted) < 0) {
            measure(i, wanted);
        }
        return room[i] >= 0;
    }

    /** How much room there is at least at a probe, as far as is known. */
    private double least(int i, double wanted) {
        return room[i] - Math.abs(wanted - size[i]) * motif.probes()[i * Motif.PROBE + 3] * FillingTuning.FASTER;
    }

    private void measure(int i, double wanted) {
        double[] probes = motif.probes();
        int k = i * Motif.PROBE;
        double u = wanted * flip * probes[k];
        double v = wanted * probes[k + 1];
        room[i] = space.at(x + cos * u - sin * v, y + sin * u + cos * v) - wanted * probes[k + 2];
        size[i] = wanted;
    }

    /** The largest size that has room.
     *
     * @param fits a size that has
     * @param most no larger */
    double largest(double fits, double most) {
        double found = fits;
        double not = most * 1.0000001;
        for (double next = found * FillingTuning.SIZE_STEP; next < most; next *= FillingTuning.SIZE_STEP) {
            if (!fits(next)) {
                not = next;
                break;
            }
            found = next;
        }
        if (not > most && fits(most)) {
            return most;
        }
        for (int i = 0; i < FillingTuning.SIZE_HALVINGS; i++) {
            double middle = (found + not) / 2;
            if (fits(middle)) {
                found = middle;
            } else {
                not = middle;
            }
        }
        return found;
    }

    /** How much of the rim lies close to something at a size, 0 to 1.
     *
     * @param snug what is farther from all by more than this, in mm, is not close */
    double contact(double wanted, double snug) {
        double[] probes = motif.probes();
        double sum = 0;
        int first = motif.circles().length / 3;
        int n = probes.length / Motif.PROBE;
        for (int i = first; i < n; i++) {
            if (least(i, wanted) < snug) {
                measure(i, wanted);
                sum += Math.max(0, 1 - room[i] / snug);
            }
        }
        return sum / (n - first);
    }
}
