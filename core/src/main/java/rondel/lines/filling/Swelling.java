package rondel.lines.filling;

import java.util.List;
import rondel.job.FillingShape;
import rondel.progress.Cancellation;

/** Copies that grow all at once and push each other aside, so that they cover as much as they can without changing places: the
 *  covered area is made largest, with what is too close pushed apart ever more firmly (a penalty method), by the fast inertial
 *  relaxation of Bitzek and others (Physical Review Letters 97, 170201, 2006). Growing in contact is that of Lubachevsky and
 *  Stillinger (Journal of Statistical Physics 60, 1990). */
final class Swelling {

    private static final double FIRST = 0.15;
    private static final double LONGEST = 0.4;
    private static final double STEER = 0.1;
    private static final int PATIENCE = 5;
    private static final int REFOUND = 10;

    private static final double FIRMEST = 1_000;

    /** What is pushed apart may still be too close by this, in mm. */
    private static final double NEARLY = 0.06;

    private final Crowd crowd;
    private final Contacts contacts;

    /** @param still they stay as they are */
    Swelling(Edge edge, FillingShape shape, List<Spot> moving, List<Spot> still) {
        this.crowd = new Crowd(shape, moving, still);
        this.contacts = new Contacts(edge, shape.gap(), crowd);
    }

    /** Copies grow; what is too close is pushed apart less firmly first.
     *
     * @param firm how firmly, each time */
    Swelling grown(int steps, double... firm) {
        for (double f : firm) {
            relax(1, f, 0, steps);
        }
        return this;
    }

    /** Copies no longer grow, and what is still too close is pushed apart.
     *
     * @param more how much farther than the gap, in mm */
    Swelling settled(int steps, double more) {
        relax(0, FIRMEST, more, steps);
        return this;
    }

    private void relax(double pressure, double firm, double more, int steps) {
        double most = LONGEST / Math.sqrt(firm);
        double time = FIRST / Math.sqrt(firm);
        double steer = STEER;
        int well = 0;
        crowd.halt();
        for (int i = 0; i < steps; i++) {
            if (i % REFOUND == 0) {
                Cancellation.check();
                contacts.find();
            }
            crowd.swell(pressure);
            contacts.pushApart(firm, more);
            crowd.weigh();
            if (crowd.movesAsPushed()) {
                crowd.steer(steer);
                if (++well > PATIENCE) {
                    time = Math.min(time * 1.1, most);
                    steer *= 0.99;
                }
            } else {
                crowd.halt();
                time /= 2;
                steer = STEER;
                well = 0;
            }
            crowd.go(time);
        }
    }

    /** Whether all copies are as far apart as they may be, but for what is mended where they are made exact. */
    boolean isApart() {
        return tightest() < NEARLY;
    }

    /** How much closer copies are than they may be, in mm; 0 where none is. */
    double tightest() {
        contacts.find();
        contacts.pushApart(0, 0);
        return contacts.tightest();
    }

    List<Spot> spots() {
        return crowd.moved().toList();
    }
}
