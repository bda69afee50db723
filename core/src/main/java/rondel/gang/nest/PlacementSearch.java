package rondel.gang.nest;

import java.util.SplittableRandom;

/** Looks for a place of a piece where it overlaps others least: places anywhere and near where it is, the best of them improved by
 *  coordinate descent. */
final class PlacementSearch {

    private final Arrangement all;
    private final SplittableRandom random;
    private final NestShape[] scratch;
    private final NestShape[][] turned;
    private final double[][] best = new double[NestTuning.IMPROVED][];

    PlacementSearch(Arrangement all, SplittableRandom random) {
        this.all = all;
        this.random = random;
        this.scratch = all.pieces.stream().map(p -> p.unturned().scratch()).toArray(NestShape[]::new);
        this.turned = all.pieces.stream()
                .map(p -> p.shapes().toArray(NestShape[]::new))
                .toArray(NestShape[][]::new);
    }

    /** Moves a piece to the best place that is found, if that is better than where it is. */
    void move(int i) {
        double now = all.weighed(i);
        int count = 0;
        double limit = now;
        int sheets = all.width.length;
        for (int s = 0; s < NestTuning.ANYWHERE + NestTuning.NEARBY; s++) {
            boolean near = s < NestTuning.NEARBY;
            int on = near || sheets == 1 ? all.sheet[i] : random.nextInt(sheets);
            double turn = near ? nearTurn(i) : anyTurn(i);
            NestShape shape = shape(i, turn);
            if (!all.fits(shape, on)) {
                continue;
            }
            double px;
            double py;
            if (near) {
                double reach = Math.min(shape.width(), shape.height()) / 2;
                px = all.clampX(shape, on, all.x[i] + reach * (random.nextDouble() + random.nextDouble() - 1));
                py = all.clampY(shape, on, all.y[i] + reach * (random.nextDouble() + random.nextDouble() - 1));
            } else {
                px = -shape.minX + random.nextDouble() * Math.max(0, all.width[on] - shape.width());
                py = -shape.minY + random.nextDouble() * Math.max(0, all.length[on] - shape.height());
            }
            double value = all.weighed(i, on, px, py, shape, count < NestTuning.IMPROVED ? Double.MAX_VALUE : limit);
            count = keep(count, new double[] {value, on, px, py, turn});
            if (count == NestTuning.IMPROVED) {
                limit = best[count - 1][0];
            }
        }
        double[] found = null;
        for (int k = 0; k < count; k++) {
            double[] improved = descend(i, best[k], NestTuning.FIRST_STEP, NestTuning.LAST_STEP);
            if (found == null || improved[0] < found[0]) {
                found = improved;
            }
        }
        double[] here = descend(
                i,
                new double[] {now, all.sheet[i], all.x[i], all.y[i], all.shape[i].turn},
                NestTuning.LAST_STEP * 4,
                NestTuning.LAST_STEP);
        if (found == null || here[0] <= found[0]) {
            found = here;
        }
        found = descend(i, found, NestTuning.LAST_STEP, NestTuning.FINEST_STEP);
        if (found[0] < now) {
            all.put(i, (int) found[1], found[2], found[3], kept(i, found[4]));
        }
    }

    private int keep(int count, double[] candidate) {
        int at = count;
        while (at > 0 && best[at - 1][0] > candidate[0]) {
            at--;
        }
        if (at >= best.length) {
            return count;
        }
        int grown = Math.min(count + 1, best.length);
        System.arraycopy(best, at, best, at + 1, grown - at - 1);
        best[at] = candidate;
        return grown;
    }

    private double anyTurn(int i) {
        NestPiece p = all.pieces.get(i);
        return p.free()
                ? random.nextDouble() * 360
                : p.turns().get(random.nextInt(p.turns().size()));
    }

    private double nearTurn(int i) {
        NestPiece p = all.pieces.get(i);
        return p.free()
                ? all.shape[i].turn + NestTuning.NEARBY_TURN * (random.nextDouble() + random.nextDouble() - 1)
                : all.shape[i].turn;
    }

    /** The piece in a turn, to look with; another look writes over it. */
    private NestShape shape(int i, double turn) {
        NestPiece p = all.pieces.get(i);
        if (p.free()) {
            return turn == all.shape[i].turn ? all.shape[i] : p.unturned().turnedInto(turn, scratch[i]);
        }
        for (NestShape s : turned[i]) {
            if (s.turn == turn) {
                return s;
            }
        }
        return all.shape[i];
    }

    /** The piece in a turn, to stay. */
    private NestShape kept(int i, double turn) {
        NestPiece p = all.pieces.get(i);
        return p.free() ? p.unturned().turned(turn) : shape(i, turn);
    }

    /** Steps along one axis, or a diagonal, or in turn, for as long as that helps. */
    private double[] descend(int i, double[] from, double first, double last) {
        double[] at = from;
        int on = (int) from[1];
        NestShape shape = shape(i, at[4]);
        double side = Math.min(shape.width(), shape.height());
        double step = first * side;
        double turnStep = NestTuning.FIRST_TURN * first / NestTuning.FIRST_STEP;
        boolean free = all.pieces.get(i).free();
        while (at[0] > 0 && (step > last * side || free && turnStep > 90 * last)) {
            int axis = random.nextInt(free ? 5 : 4);
            double[] better = null;
            for (int sign = -1; sign <= 1; sign += 2) {
                double dx = axis == 0 || axis >= 2 && axis < 4 ? sign * step : 0;
                double dy = axis == 1 || axis == 2 ? sign * step : axis == 3 ? -sign * step : 0;
                double turn = axis == 4 ? at[4] + sign * turnStep : at[4];
                NestShape s = shape(i, turn);
                if (!all.fits(s, on)) {
                    continue;
                }
                double px = all.clampX(s, on, at[2] + dx);
                double py = all.clampY(s, on, at[3] + dy);
                double value = all.weighed(i, on, px, py, s, (better == null ? at : better)[0]);
                if (value < (better == null ? at : better)[0]) {
                    better = new double[] {value, on, px, py, turn};
                }
            }
            double factor = better == null ? NestTuning.STEP_DOWN : NestTuning.STEP_UP;
            if (axis == 4) {
                turnStep *= factor;
            } else {
                step *= factor;
            }
            at = better == null ? at : better;
        }
        return at;
    }
}
