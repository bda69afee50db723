package rondel.gang.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.locationtech.jts.geom.Geometry;
import rondel.job.NestResult.Place;
import rondel.job.NestSettings;
import rondel.job.Stock;
import rondel.words.Refusal;

/** Packs true shapes onto stock. Several searches run beside each other, each with a seed of its own and each counted, not timed: the same
 *  pieces, settings and seed give the same on every machine, unless somebody stops the search. */
public final class NestSearch {

    /** What may be used of a sheet of stock, and where that begins. */
    public record Sheet(Stock.Grain grain, double x, double y, double width, double length) {}

    /** What has been found so far.
     *
     * @param places one for each piece
     * @param sheets how many are used
     * @param lastUsed how much of the last one's length, in mm */
    public record Found(List<Place> places, int sheets, double lastUsed) {
        public Found {
            places = List.copyOf(places);
        }
    }

    private final NestSettings settings;
    private final List<Geometry> shapes;
    private final List<Sheet> sheets;
    private final List<NestPiece> pieces;
    private final List<NestPiece> byQuarters;
    private final AtomicBoolean stopped = new AtomicBoolean();
    private Packing best;

    /** @param shapes the pieces' true outlines, flattened, about the middle of each
     *  @param sheets that may be used, in their order: enough for all pieces, or the search refuses
     *  @throws Refusal if a piece fits on no sheet, or there are more pieces than can be packed */
    public NestSearch(List<Geometry> shapes, List<Sheet> sheets, NestSettings settings) {
        if (shapes.size() > NestTuning.MOST_PIECES) {
            throw Refusal.of("nest.tooMany", shapes.size(), NestTuning.MOST_PIECES);
        }
        this.settings = settings;
        this.shapes = List.copyOf(shapes);
        this.sheets = sheets.stream().map(s -> inner(s, settings)).toList();
        this.pieces = NestPieces.of(shapes, settings, sheets.getFirst().grain());
        // Any turn is a far larger field to search: one of the searches keeps to quarters, so that it is never worse
        // than they.
        this.byQuarters = settings.turns() == NestSettings.Turns.FREE
                ? NestPieces.of(
                        shapes,
                        settings.withTurns(NestSettings.Turns.QUARTER),
                        sheets.getFirst().grain())
                : pieces;
        for (int i = 0; i < pieces.size(); i++) {
            int piece = i;
            if (this.sheets.stream().noneMatch(s -> fits(pieces.get(piece), s))) {
                throw Refusal.of("rows.tooLarge");
            }
        }
    }

    /** What is left of a sheet inside its edge. Shapes are grown by half the gutter, so the sheet is too. */
    private static Sheet inner(Sheet s, NestSettings settings) {
        double inset = settings.edge() - settings.gutter() / 2;
        return new Sheet(s.grain, s.x + inset, s.y + inset, s.width - 2 * inset, s.length - 2 * inset);
    }

    private static boolean fits(NestPiece p, Sheet s) {
        return p.free()
                || p.shapes().stream().anyMatch(x -> x.width() <= s.width + 1e-9 && x.height() <= s.length + 1e-9);
    }

    /** Ends the search soon; it gives what it has found so far. Safe on any thread. */
    public void stop() {
        stopped.set(true);
    }

    /** Searches, on threads of its own.
     *
     * @param watched hears of everything that is better than before, on whatever thread found it
     *  @throws Refusal if the sheets are too few */
    public Found run(Consumer<Found> watched) {
        double[] width = sheets.stream().mapToDouble(Sheet::width).toArray();
        double[] length = sheets.stream().mapToDouble(Sheet::length).toArray();
        List<Integer> left = new ArrayList<>();
        Packing first = ShelfPacking.of(byQuarters, width, length, left);
        if (!left.isEmpty()) {
            throw Refusal.of("nest.tooFewSheets", left.size());
        }
        better(first, watched);
        Optional<Packing> together = together();
        if (together.isPresent() && together.get().isBetterThan(first)) {
            better(together.get(), watched);
            if (isFull(together.get())) {
                return told(together.get());
            }
        }
        Packing begin = best;
        long moves = (long) settings.rounds() * NestTuning.MOVES_A_ROUND * pieces.size();
        ExecutorService threads = Executors.newFixedThreadPool(NestTuning.SEARCHES, task -> {
            Thread thread = new Thread(task, "nest");
            thread.setDaemon(true);
            return thread;
        });
        try {
            List<Future<Packing>> searches = new ArrayList<>();
            for (int k = 0; k < NestTuning.SEARCHES; k++) {
                SplittableRandom random = new SplittableRandom(settings.seed() * 1_000_003L + k);
                WorkBudget budget = new WorkBudget(moves, stopped::get);
                List<NestPiece> own = k == 0 ? byQuarters : pieces;
                searches.add(threads.submit(() -> new SheetPacking(own, width, length, random, budget, p -> {
                            better(p, watched);
                        })
                        .run(begin)));
            }
            Packing done = begin;
            for (Future<Packing> search : searches) {
                Packing p = search.get();
                done = p.isBetterThan(done) ? p : done;
            }
            return told(done);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw (CancellationException) new CancellationException().initCause(e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException r ? r : new IllegalStateException(e.getCause());
        } finally {
            threads.shutdownNow();
        }
    }

    /** Pieces that were one sheet, as they were. Only where there is no gutter: they touch. */
    private Optional<Packing> together() {
        Sheet sheet = sheets.getFirst();
        boolean quarters =
                settings.turns() == NestSettings.Turns.QUARTER || settings.turns() == NestSettings.Turns.FREE;
        boolean grained = sheet.grain() != Stock.Grain.NONE && settings.grain() != NestSettings.Grain.ANY;
        if (settings.gutter() > 0 || !quarters || grained || shapes.size() < 2) {
            return Optional.empty();
        }
        return Reassembly.of(shapes, sheet.width(), sheet.length()).map(this::packed);
    }

    private Packing packed(List<Place> places) {
        int n = places.size();
        NestShape[] turned = new NestShape[n];
        double[] x = new double[n];
        double[] y = new double[n];
        double lowest = 0;
        for (int i = 0; i < n; i++) {
            Place p = places.get(i);
            turned[i] = pieces.get(i).unturned().turned(p.turn());
            x[i] = p.x();
            y[i] = p.y();
            lowest = Math.max(lowest, y[i] + turned[i].maxY);
        }
        return new Packing(1, lowest, new Arrangement.Snapshot(new int[n], x, y, turned));
    }

    private boolean isFull(Packing p) {
        double area = shapes.stream().mapToDouble(Geometry::getArea).sum();
        return area >= NestTuning.FULL * p.length() * sheets.getFirst().width();
    }

    private synchronized void better(Packing packing, Consumer<Found> watched) {
        if (best == null || packing.isBetterThan(best)) {
            best = packing;
            watched.accept(told(packing));
        }
    }

    private Found told(Packing p) {
        List<Place> places = new ArrayList<>();
        Arrangement.Snapshot s = p.snapshot();
        for (int i = 0; i < shapes.size(); i++) {
            Sheet on = sheets.get(s.sheet()[i]);
            double turn = s.shape()[i].turn % 360;
            places.add(new Place(s.sheet()[i], on.x() + s.x()[i], on.y() + s.y()[i], turn < 0 ? turn + 360 : turn));
        }
        return new Found(places, p.sheets(), p.length() - settings.gutter() + 2 * settings.edge());
    }
}
