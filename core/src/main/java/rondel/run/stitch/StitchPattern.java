package rondel.run.stitch;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** All that a machine sews, thread after thread. */
public record StitchPattern(List<ThreadRun> runs) {

    public StitchPattern {
        runs = List.copyOf(runs);
    }

    public List<Stitch> stitches() {
        return runs.stream().flatMap(r -> r.stitches().stream()).toList();
    }

    /** How many times the needle goes down. */
    public int count() {
        return (int)
                stitches().stream().filter(s -> s.move() == Stitch.Move.SEW).count();
    }

    public int trims() {
        return (int)
                stitches().stream().filter(s -> s.move() == Stitch.Move.TRIM).count();
    }

    public int threadChanges() {
        return Math.max(0, runs.size() - 1);
    }

    /** Around every place where the needle goes down. */
    public Optional<Box> extent() {
        return Box.around(stitches().stream()
                .filter(s -> s.move() == Stitch.Move.SEW)
                .map(s -> new Box(s.at().x(), s.at().y(), 0, 0))
                .toList());
    }

    /** How much thread lies on the cloth, in mm. */
    public double threadLength() {
        double length = 0;
        Optional<Point> before = Optional.empty();
        for (Stitch s : stitches()) {
            if (s.move() == Stitch.Move.SEW && before.isPresent()) {
                length += before.get().distanceTo(s.at());
            }
            before = Optional.of(s.at());
        }
        return length;
    }
}
