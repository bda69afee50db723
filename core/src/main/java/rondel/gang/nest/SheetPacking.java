package rondel.gang.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;

/** Packs pieces onto as few sheets as possible: the pieces of the last sheet are spread over the others, and the overlaps that this makes are
 *  separated; while that succeeds, a sheet less is needed. Then the last sheet is packed as a strip, so that as much as possible of it
 *  is left. */
final class SheetPacking {

    private final List<NestPiece> pieces;
    private final double[] width;
    private final double[] length;
    private final SplittableRandom random;
    private final WorkBudget budget;
    private final Consumer<Packing> found;
    private Packing best;

    /** @param width of each sheet that may be used, in their order, and {@code length} */
    SheetPacking(
            List<NestPiece> pieces,
            double[] width,
            double[] length,
            SplittableRandom random,
            WorkBudget budget,
            Consumer<Packing> found) {
        this.pieces = pieces;
        this.width = width;
        this.length = length;
        this.random = random;
        this.budget = budget;
        this.found = found;
    }

    Packing run(Packing begin) {
        keep(begin);
        double area = pieces.stream().mapToDouble(NestPiece::area).sum();
        while (best.sheets() > 1 && !budget.isSpent()) {
            int fewer = jump(area);
            Arrangement all = new Arrangement(pieces, Arrays.copyOf(width, fewer), Arrays.copyOf(length, fewer));
            spread(all, fewer);
            boolean done = false;
            for (int again = 0; again < NestTuning.FAILURES && !done && !budget.isSpent(); again++) {
                done = new Separation(all, random, budget).run(NestTuning.STRIKES, NestTuning.SWEEPS);
            }
            if (!done) {
                break;
            }
            keep(Packing.of(all));
        }
        lastAsStrip();
        return best;
    }

    /** How many sheets are tried next: while the packing is loose, several at once are left out. */
    private int jump(double area) {
        double room = 0;
        int dense = 0;
        while (dense < best.sheets() - 1 && room < area / NestTuning.DENSE) {
            room += width[dense] * length[dense];
            dense++;
        }
        return Math.max(1, Math.min(best.sheets() - 1, Math.max(dense, 1)));
    }

    private void spread(Arrangement all, int sheets) {
        Arrangement.Snapshot s = best.snapshot();
        for (int i = 0; i < pieces.size(); i++) {
            all.shape[i] = s.shape()[i];
            boolean stays = s.sheet()[i] < sheets;
            all.sheet[i] = stays ? s.sheet()[i] : random.nextInt(sheets);
            all.x[i] = stays
                    ? s.x()[i]
                    : -all.shape[i].minX
                            + random.nextDouble() * Math.max(0, width[all.sheet[i]] - all.shape[i].width());
            all.y[i] = stays
                    ? s.y()[i]
                    : -all.shape[i].minY
                            + random.nextDouble() * Math.max(0, length[all.sheet[i]] - all.shape[i].height());
        }
        all.restore(all.snapshot());
    }

    private void lastAsStrip() {
        int last = best.sheets() - 1;
        List<Integer> own = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            if (best.snapshot().sheet()[i] == last) {
                own.add(i);
            }
        }
        if (own.isEmpty() || budget.isSpent()) {
            return;
        }
        own.sort(Comparator.naturalOrder());
        Packing before = best;
        Packing alone = picked(before, own);
        List<NestPiece> some = own.stream().map(pieces::get).toList();
        new StripPacking(some, width[last], length[last], random, budget, p -> keep(merged(before, own, p, last)))
                .run(alone);
    }

    private Packing picked(Packing p, List<Integer> own) {
        Arrangement.Snapshot s = p.snapshot();
        return new Packing(
                1,
                p.length(),
                new Arrangement.Snapshot(
                        new int[own.size()],
                        own.stream().mapToDouble(i -> s.x()[i]).toArray(),
                        own.stream().mapToDouble(i -> s.y()[i]).toArray(),
                        own.stream().map(i -> s.shape()[i]).toArray(NestShape[]::new)));
    }

    private static Packing merged(Packing before, List<Integer> own, Packing strip, int last) {
        Arrangement.Snapshot s = before.snapshot();
        Arrangement.Snapshot all = new Arrangement.Snapshot(
                s.sheet().clone(), s.x().clone(), s.y().clone(), s.shape().clone());
        for (int k = 0; k < own.size(); k++) {
            all.x()[own.get(k)] = strip.snapshot().x()[k];
            all.y()[own.get(k)] = strip.snapshot().y()[k];
            all.shape()[own.get(k)] = strip.snapshot().shape()[k];
            all.sheet()[own.get(k)] = last;
        }
        return new Packing(before.sheets(), strip.length(), all);
    }

    private void keep(Packing packing) {
        if (best == null || packing.isBetterThan(best)) {
            best = packing;
            found.accept(packing);
        }
    }
}
