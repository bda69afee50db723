package rondel.run.stitch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Rgba;
import rondel.job.SewnPart;

/** Fewer changes of thread, and nothing on top that was not. */
class ThreadOrderTest {

    private static StitchBlock block(int colour, double x, double y, double size) {
        Geometry area = new GeometryFactory().toGeometry(new Envelope(x, x + size, y, y + size));
        return new StitchBlock(
                new SewnPart(List.of(new ElementId(colour + " " + x + " " + y)), false),
                new Rgba(colour * 40, 0, 0, 255),
                area,
                List.of(List.of(new Point(x, y), new Point(x + size, y + size))));
    }

    private static List<StitchBlock> random(Random random, int count, int colours) {
        List<StitchBlock> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(block(
                    random.nextInt(colours),
                    random.nextDouble() * 60,
                    random.nextDouble() * 60,
                    5 + random.nextDouble() * 15));
        }
        return all;
    }

    private static int changes(List<StitchBlock> order) {
        int changes = 0;
        for (int i = 1; i < order.size(); i++) {
            changes += order.get(i).thread().equals(order.get(i - 1).thread()) ? 0 : 1;
        }
        return changes;
    }

    private static boolean keeps(List<StitchBlock> stack, List<StitchBlock> order) {
        for (int i = 0; i < stack.size(); i++) {
            for (int k = 0; k < i; k++) {
                StitchBlock over = stack.get(i);
                StitchBlock under = stack.get(k);
                boolean matters =
                        !over.thread().equals(under.thread()) && over.area().intersects(under.area());
                if (matters && order.indexOf(over) < order.indexOf(under)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The fewest changes of all orders that keep what is seen. */
    private static int fewest(List<StitchBlock> stack) {
        return fewest(stack, new HashSet<>(), null);
    }

    private static int fewest(List<StitchBlock> stack, Set<StitchBlock> done, Rgba now) {
        if (done.size() == stack.size()) {
            return 0;
        }
        int best = Integer.MAX_VALUE - 1;
        for (StitchBlock b : stack) {
            boolean may = !done.contains(b)
                    && stack.subList(0, stack.indexOf(b)).stream()
                            .noneMatch(u -> !done.contains(u)
                                    && !u.thread().equals(b.thread())
                                    && u.area().intersects(b.area()));
            if (may) {
                Set<StitchBlock> with = new HashSet<>(done);
                with.add(b);
                int change = now == null || now.equals(b.thread()) ? 0 : 1;
                best = Math.min(best, change + fewest(stack, with, b.thread()));
            }
        }
        return best;
    }

    @Test
    void layeredDesignsLookTheSameWithFewChanges() {
        Random random = new Random(5);
        double travel = 0;
        double stacked = 0;
        for (int i = 0; i < 200; i++) {
            List<StitchBlock> stack = random(random, 5 + random.nextInt(60), 2 + random.nextInt(5));
            List<StitchBlock> order = ThreadOrder.of(stack);
            assertThat(order).hasSize(stack.size()).containsAll(stack);
            assertThat(keeps(stack, order)).isTrue();
            assertThat(changes(order)).isLessThanOrEqualTo(changes(stack));
            travel += travel(order);
            stacked += travel(stack);
        }
        assertThat(travel / stacked).isLessThan(0.8);
    }

    private static double travel(List<StitchBlock> order) {
        double far = 0;
        for (int i = 1; i < order.size(); i++) {
            far += order.get(i - 1).last().distanceTo(order.get(i).first());
        }
        return far;
    }

    @Test
    void ofAFewBlocksNoOrderHasFewerChanges() {
        Random random = new Random(8);
        for (int i = 0; i < 60; i++) {
            List<StitchBlock> stack = random(random, 7, 3);
            assertThat(changes(ThreadOrder.of(stack))).isEqualTo(fewest(stack));
        }
    }
}
