package rondel.bench;

import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.compose.arrange.Place;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.pieces.Grouping;
import rondel.lines.pieces.Regroup;
import rondel.units.LengthUnit;

/** 500 pieces of 20 lines each, all cuts in one flat group and all scores in another, shuffled, regrouped by piece: every
 *  fifth lies in the hole of a larger one. Against half a second; the groups must be exact. */
final class RegroupingPieces {

    private static final int PIECES = 500;
    private static final double MOST = 500;

    private final List<Element> cuts = new ArrayList<>();
    private final List<Element> scores = new ArrayList<>();
    private final Set<Set<String>> wanted = new HashSet<>();
    private final Random random = new Random(500);

    private RegroupingPieces() {}

    static List<Bench.Row> rows() {
        RegroupingPieces made = new RegroupingPieces();
        for (int p = 0; p < PIECES; p++) {
            int cell = p % 5 == 4 ? p - 1 : p;
            made.piece(p, 30 + cell % 25 * 60, 30 + Math.floorDiv(cell, 25) * 60.0, cell == p ? 25 : 7);
        }
        Job job = made.job();
        Regroup regroup = new Regroup(List.of(), Grouping.PIECE_AND_HOLE);
        int wrong = made.wrong(regroup.apply(job));
        return List.of(
                new Bench.Row(
                        "500 pieces of 20 lines regrouped, ms against half a second",
                        Bench.best(5, () -> regroup.apply(job)),
                        MOST,
                        1),
                new Bench.Row("  pieces that came out otherwise, against 1", wrong, 1, 0));
    }

    /** A ring with a hole in it, and 18 scores between the two. */
    private void piece(int number, double x, double y, double radius) {
        Set<String> names = new HashSet<>();
        double hole = radius * 0.4;
        cuts.add(ring(name(names, number, "outer"), x, y, radius));
        cuts.add(ring(name(names, number, "hole"), x, y, hole));
        for (int i = 0; i < 18; i++) {
            double turn = random.nextDouble() * 2 * Math.PI;
            Outline line = new OutlineBuilder()
                    .moveTo(x + hole * 1.2 * Math.cos(turn), y + hole * 1.2 * Math.sin(turn))
                    .lineTo(x + radius * 0.9 * Math.cos(turn), y + radius * 0.9 * Math.sin(turn))
                    .build();
            scores.add(lined(name(names, number, "score " + i), line, Role.SCORE));
        }
        wanted.add(names);
    }

    private static String name(Set<String> names, int piece, String part) {
        String name = piece + " " + part;
        names.add(name);
        return name;
    }

    private static Element ring(String name, double x, double y, double r) {
        return lined(name, Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r)), Role.CUT);
    }

    private static Element lined(String name, Outline outline, Role role) {
        Traits traits = Traits.named(name).withId(new ElementId(name)).withRole(role);
        return new ShapeElement(
                traits, outline, FillRule.NON_ZERO, Paint.NONE, Optional.of(Stroke.plain(Rgba.BLACK, 0.1)));
    }

    private Job job() {
        Collections.shuffle(cuts, random);
        Collections.shuffle(scores, random);
        Job blank = Job.blank("Pieces", LengthUnit.MM, 1600, 1300);
        List<Element> groups = List.of(group("cuts", cuts), group("scores", scores));
        return new Place(blank.sheets().getFirst().id(), groups, List.of()).apply(blank);
    }

    private static GroupElement group(String name, List<Element> children) {
        return GroupElement.of(Traits.named(name).withId(new ElementId(name)), children);
    }

    private int wrong(Job regrouped) {
        Set<Set<String>> came = regrouped.sheets().getFirst().elements().stream()
                .map(g -> g.children().stream().map(Element::name).collect(Collectors.toSet()))
                .collect(Collectors.toSet());
        Set<Set<String>> missing = new HashSet<>(wanted);
        missing.removeAll(came);
        return missing.size();
    }
}
