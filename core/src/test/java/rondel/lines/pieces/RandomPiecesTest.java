package rondel.lines.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;

import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import rondel.compose.arrange.Jobs;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;

/** Outlines in outlines to a random depth, with lines in them, shuffled into flat groups that are placed anyhow: they come out as
 *  the pieces they were made as. */
class RandomPiecesTest {

    private final List<Element> cuts = new ArrayList<>();
    private final List<Element> scores = new ArrayList<>();
    private final Map<Integer, Set<String>> byPiece = new HashMap<>();
    private final Map<String, Set<String>> apart = new HashMap<>();
    private Random random;
    private int number;

    /** An outline with others in it, and lines.
     *
     * @param host of the outline's parts where what lies in a hole is a piece of its own */
    private void nest(int piece, String host, double x, double y, double r, int depth) {
        String name = "o" + number++;
        Affine turned = Affine.of(AffineTransform.getRotateInstance(random.nextDouble() * 6, x, y));
        Outline outline = random.nextBoolean()
                ? Outline.of(new Ellipse2D.Double(x - r, y - r * 0.9, 2 * r, 1.8 * r))
                : Outline.rectangle(new rondel.geometry.Box(x - r * 0.7, y - r * 0.7, 1.4 * r, 1.4 * r));
        String own = depth % 2 == 0 ? name : host;
        cuts.add(lined(name, Role.CUT, outline.transformed(turned), piece, own));
        for (int i = random.nextInt(3); i > 0; i--) {
            double a = random.nextDouble() * 6.28;
            Outline line = new OutlineBuilder()
                    .moveTo(x + 0.62 * r * Math.cos(a), y + 0.62 * r * Math.sin(a))
                    .lineTo(x + 0.62 * r * Math.cos(a + 0.2), y + 0.62 * r * Math.sin(a + 0.2))
                    .build();
            scores.add(lined("s" + number++, Role.SCORE, line, piece, own));
        }
        int inner = depth < 4 && r > 3 ? random.nextInt(3) : 0;
        for (int i = 0; i < inner; i++) {
            double side = inner == 1 ? 0 : (i * 2 - 1) * 0.29 * r;
            nest(piece, own, x + side, y, (inner == 1 ? 0.5 : 0.26) * r, depth + 1);
        }
    }

    private Element lined(String name, Role role, Outline outline, int piece, String own) {
        byPiece.computeIfAbsent(piece, p -> new HashSet<>()).add(name);
        apart.computeIfAbsent(own, p -> new HashSet<>()).add(name);
        return new ShapeElement(
                Traits.named("").withId(id(name)).withRole(role),
                outline,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 0.1)));
    }

    private static Element within(Affine placement, Element e) {
        return e.with(t -> t.withPlacement(placement.inverse().orElseThrow().times(t.placement())));
    }

    private static Set<Set<String>> members(Job job) {
        return job.sheet(Jobs.SHEET).elements().stream()
                .map(g -> GroupElement.everything(g)
                        .filter(e -> !(e instanceof GroupElement))
                        .map(e -> e.id().value())
                        .collect(Collectors.toSet()))
                .collect(Collectors.toSet());
    }

    @RepeatedTest(15)
    void piecesComeOutAsTheyWereMade(RepetitionInfo run) {
        random = new Random(run.getCurrentRepetition());
        for (int p = 0; p < 12; p++) {
            nest(p, "", 30 + p % 4 * 60, 30 + p / 4 * 60, 24, 0);
        }
        Collections.shuffle(cuts, random);
        Collections.shuffle(scores, random);
        Affine a = Affine.translate(13, -7).times(Affine.scale(1.7, 1.7));
        Affine b = Affine.of(AffineTransform.getRotateInstance(0.4));
        Job job = Jobs.of(
                group("cuts", a, cuts.stream().map(e -> within(a, e)).toArray(Element[]::new)),
                group("scores", b, scores.stream().map(e -> within(b, e)).toArray(Element[]::new)));
        assertThat(members(new Regroup(List.of(), Grouping.PIECE).apply(job)))
                .isEqualTo(new HashSet<>(byPiece.values()));
        assertThat(members(new Regroup(List.of(), Grouping.PIECE_AND_HOLE).apply(job)))
                .isEqualTo(new HashSet<>(apart.values()));
        Job again = new Regroup(List.of(), Grouping.PIECE).apply(new Regroup(List.of(), Grouping.PIECE).apply(job));
        assertThat(members(again)).isEqualTo(new HashSet<>(byPiece.values()));
    }
}
