package rondel.lines.halo;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Located;

/** Parts artwork into sets whose halos would touch. */
final class TouchingSets {

    private final HaloMaking making;
    private final HaloSettings settings;

    TouchingSets(Job job, HaloSettings settings) {
        this.making = new HaloMaking(job, new HaloCache());
        this.settings = settings;
    }

    List<List<Located>> sets(List<Located> all) {
        List<Outline> halos = all.stream()
                .map(l -> making.around(List.of(l.element().id()), settings))
                .toList();
        int[] set = new int[all.size()];
        for (int i = 0; i < set.length; i++) {
            set[i] = i;
            for (int j = 0; j < i; j++) {
                if (touch(halos.get(i), halos.get(j))) {
                    merge(set, set[i], set[j], i);
                }
            }
        }
        List<List<Located>> sets = new ArrayList<>();
        for (int i = 0; i < set.length; i++) {
            List<Located> members = new ArrayList<>();
            for (int j = 0; j < set.length; j++) {
                if (set[j] == i) {
                    members.add(all.get(j));
                }
            }
            if (!members.isEmpty()) {
                sets.add(members);
            }
        }
        return sets;
    }

    private static void merge(int[] set, int from, int into, int last) {
        for (int k = 0; k <= last; k++) {
            if (set[k] == from) {
                set[k] = into;
            }
        }
    }

    private static boolean touch(Outline a, Outline b) {
        if (a.isEmpty() || b.isEmpty() || !envelope(a).intersects(envelope(b))) {
            return false;
        }
        return !Overlay.of(List.of(new Operand(a, FillRule.NON_ZERO), new Operand(b, FillRule.NON_ZERO)))
                .intersect()
                .isEmpty();
    }

    private static Envelope envelope(Outline o) {
        Box b = o.bounds().orElseThrow();
        return new Envelope(b.x(), b.right(), b.y(), b.bottom());
    }
}
