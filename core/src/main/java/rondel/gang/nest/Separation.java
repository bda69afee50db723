package rondel.gang.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/** Moves overlapping pieces until none overlap, or until it does not get better (Gardeyn and Wauters 2024, algorithm 5). */
final class Separation {

    private final Arrangement all;
    private final PlacementSearch search;
    private final SplittableRandom random;
    private final WorkBudget budget;

    Separation(Arrangement all, SplittableRandom random, WorkBudget budget) {
        this.all = all;
        this.search = new PlacementSearch(all, random);
        this.random = random;
        this.budget = budget;
    }

    /** Whether no pieces overlap afterwards. If they do, they lie where they overlapped least.
     *
     * @param strikes how often it is tried again from there */
    boolean run(int strikes, int sweeps) {
        all.forgetWeights();
        all.measure();
        double least = all.total();
        if (least == 0) {
            return true;
        }
        Arrangement.Snapshot best = all.snapshot();
        for (int strike = 0; strike < strikes; strike++) {
            double begin = least;
            int without = 0;
            while (without < sweeps) {
                sweep();
                double now = all.total();
                if (now == 0) {
                    return true;
                }
                if (now < least) {
                    without = now < least * NestTuning.LESS ? 0 : without + 1;
                    least = now;
                    best = all.snapshot();
                } else {
                    without++;
                }
                all.reweigh();
                if (budget.isSpent()) {
                    all.restore(best);
                    return all.total() == 0;
                }
            }
            if (least < begin * NestTuning.LESS) {
                strike = -1;
            }
            all.restore(best);
        }
        return false;
    }

    private void sweep() {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < all.x.length; i++) {
            if (all.loss(i) > 0) {
                order.add(i);
            }
        }
        for (int k = order.size() - 1; k > 0; k--) {
            java.util.Collections.swap(order, k, random.nextInt(k + 1));
        }
        for (int i : order) {
            if (all.loss(i) > 0) {
                search.move(i);
                budget.spend();
            }
        }
    }
}
