package rondel.lines.filling;

import java.util.List;
import rondel.job.FillingSettings;
import rondel.progress.Cancellation;

/** Copies that grow all at once and push each other aside, so that they cover as much as they can without changing places: the
 *  covered area is made largest, with what is too close pushed apart ever more firmly (a penalty method), by the fast inertial
 *  relaxation of Bitzek and others (Physical Review Letters 97, 170201, 2006). Growing in contact is that of Lubachevsky and
 *  Stillinger (Journal of Statistical Physics 60, 1990). */
final class Relaxation {

    private final Bodies bodies;
    private final Contacts contacts;

    /** @param still they stay as they are */
    Relaxation(Edge edge, FillingSettings settings, List<Placement> moving, List<Placement> still) {
        this.bodies = new Bodies(settings, moving, still);
        this.contacts = new Contacts(edge, settings.gap(), bodies);
    }

    /** Copies grow; what is too close is pushed apart less firmly first.
     *
     * @param firm how firmly, each time */
    Relaxation grown(int steps, double... firm) {
        for (double f : firm) {
            relax(1, f, 0, steps);
        }
        return this;
    }

    /** Copies no longer grow, and what is still too close is pushed apart.
     *
     * @param more how much farther than the gap, in mm */
    Relaxation settled(int steps, double more) {
        relax(0, FillingTuning.FIRMEST, more, steps);
        return this;
    }

    private void relax(double pressure, double firm, double more, int steps) {
        double most = FillingTuning.LONGEST_STEP / Math.sqrt(firm);
        double time = FillingTuning.FIRST_STEP / Math.sqrt(firm);
        double steer = FillingTuning.STEERING;
        int well = 0;
        bodies.halt();
        for (int i = 0; i < steps; i++) {
            if (i % FillingTuning.CONTACTS_EVERY == 0) {
                Cancellation.check();
                contacts.find();
            }
            bodies.swell(pressure);
            contacts.pushApart(firm, more);
            bodies.weigh();
            if (bodies.movesAsPushed()) {
                bodies.steer(steer);
                if (++well > FillingTuning.PATIENCE) {
                    time = Math.min(time * 1.1, most);
                    steer *= 0.99;
                }
            } else {
                bodies.halt();
                time /= 2;
                steer = FillingTuning.STEERING;
                well = 0;
            }
            bodies.go(time);
        }
    }

    /** Whether all copies are as far apart as they may be, but for what is mended where they are made exact. */
    boolean isApart() {
        return tightest() < FillingTuning.NEARLY_APART;
    }

    /** How much closer copies are than they may be, in mm; 0 where none is. */
    double tightest() {
        contacts.find();
        contacts.pushApart(0, 0);
        return contacts.tightest();
    }

    List<Placement> placements() {
        return bodies.moved().toList();
    }
}
