package rondel.gang.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;

/** Packs pieces onto a strip of fixed width as short as possible: the strip is shortened, the overlaps that this makes are separated, and so
 *  on; first in large steps, with disturbances where it fails, then in ever smaller ones (Gardeyn and Wauters 2024, algorithms 6 to 8). */
final class StripPacking {

    private final List<NestPiece> pieces;
    private final double width;
    private final double longest;
    private final SplittableRandom random;
    private final WorkBudget budget;
    private final Consumer<Packing> found;
    private Packing best;

    /** @param longest the length that there is
     *  @param found hears of every packing that is shorter than those before */
    StripPacking(
            List<NestPiece> pieces,
            double width,
            double longest,
            SplittableRandom random,
            WorkBudget budget,
            Consumer<Packing> found) {
        this.pieces = pieces;
        this.width = width;
        this.longest = longest;
        this.random = random;
        this.budget = budget;
        this.found = found;
    }

    /** @param begin a packing that is known already, on one sheet */
    Packing run(Packing begin) {
        keep(begin);
        double area = pieces.stream().mapToDouble(NestPiece::area).sum();
        Arrangement all = new Arrangement(pieces, new double[] {width}, new double[] {longest});
        all.restore(begin.snapshot());
        Separation separation = new Separation(all, random, budget);
        double tallest = pieces.stream().mapToDouble(this::lowest).max().orElse(0);
        condense(all, separation, Math.max(tallest, area / width));
        explore(all, separation, tallest);
        compress(all, separation, tallest);
        return best;
    }

    /** The least length that a piece needs. */
    private double lowest(NestPiece p) {
        return p.shapes().stream()
                .filter(s -> s.width() <= width + 1e-9)
                .mapToDouble(p.free() ? s -> 0 : NestShape::height)
                .min()
                .orElse(0);
    }

    /** Shortens in large steps for as long as that works at once, then in half as large ones, and so on. */
    private void condense(Arrangement all, Separation separation, double shortest) {
        double ratio = NestTuning.CONDENSE;
        while (ratio > NestTuning.EXPLORE && !budget.isSpent()) {
            double length = Math.max(shortest, best.length() * (1 - ratio));
            shorten(all, length);
            if (length < best.length() && separation.run(1, NestTuning.SWEEPS / 4)) {
                keep(Packing.of(all));
            } else {
                ratio /= 2;
            }
        }
    }

    /** The best packing pushed into a shorter strip. */
    private void shorten(Arrangement all, double length) {
        all.length[0] = longest;
        all.restore(best.snapshot());
        all.length[0] = length;
        all.restore(all.snapshot());
    }

    private void explore(Arrangement all, Separation separation, double tallest) {
        List<Tried> tried = new ArrayList<>();
        int failures = 0;
        double length = best.length();
        while (budget.share() < NestTuning.EXPLORING && failures < NestTuning.FAILURES && !budget.isSpent()) {
            if (failures == 0) {
                length = Math.max(tallest, best.length() * (1 - NestTuning.EXPLORE));
                if (length >= best.length()) {
                    return;
                }
                shorten(all, length);
            }
            if (separation.run(NestTuning.STRIKES, NestTuning.SWEEPS)) {
                keep(Packing.of(all));
                tried.clear();
                failures = 0;
                continue;
            }
            failures++;
            tried.add(new Tried(all.total(), all.snapshot()));
            tried.sort(Comparator.comparingDouble(Tried::loss));
            int pick = (int) (Math.abs(random.nextDouble() + random.nextDouble() - 1) * tried.size());
            all.restore(tried.get(pick).snapshot);
            disturb(all);
        }
    }

    private record Tried(double loss, Arrangement.Snapshot snapshot) {}

    /** Two large pieces change places. */
    private void disturb(Arrangement all) {
        List<Integer> large = new ArrayList<>();
        double most = pieces.stream().mapToDouble(p -> p.unturned().hull).max().orElse(0);
        for (int i = 0; i < pieces.size(); i++) {
            if (pieces.get(i).unturned().hull > most * 0.4) {
                large.add(i);
            }
        }
        if (large.size() < 2) {
            return;
        }
        int a = large.get(random.nextInt(large.size()));
        int b = large.get(random.nextInt(large.size()));
        double x = all.x[a];
        double y = all.y[a];
        all.put(a, 0, all.clampX(all.shape[a], 0, all.x[b]), all.clampY(all.shape[a], 0, all.y[b]), all.shape[a]);
        all.put(b, 0, all.clampX(all.shape[b], 0, x), all.clampY(all.shape[b], 0, y), all.shape[b]);
    }

    private void compress(Arrangement all, Separation separation, double tallest) {
        double from = budget.share();
        int failures = 0;
        while (!budget.isSpent()) {
            double gone = (budget.share() - from) / Math.max(1e-9, 1 - from);
            double ratio = NestTuning.COMPRESS_FIRST
                    * StrictMath.pow(NestTuning.COMPRESS_LAST / NestTuning.COMPRESS_FIRST, gone)
                    * StrictMath.pow(0.7, Math.min(failures, 4));
            double length = best.length() * (1 - ratio);
            if (length < tallest) {
                return;
            }
            shorten(all, length);
            if (separation.run(NestTuning.STRIKES, NestTuning.SWEEPS / 2)) {
                keep(Packing.of(all));
                failures = 0;
            } else {
                failures++;
            }
        }
    }

    private void keep(Packing packing) {
        if (best == null || packing.length() < best.length()) {
            best = packing;
            found.accept(packing);
        }
    }
}
