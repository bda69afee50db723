package rondel.run.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.job.Material;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.job.ToolSettings;
import rondel.progress.Cancellation;
import rondel.run.passes.Pass;
import rondel.words.Refusal;

/** Works out the route of a pass: what lies inside before what is around it, a piece with all that is in it before the next piece, near ones
 *  after each other, on rolls in bands along the feed. */
public final class RoutePlan {

    private final Machine machine;
    private final Material material;
    private final ToolSettings tool;
    private final List<FlatLine> lines;
    private final List<Role> roles;
    private final Box reach;
    private final double width;
    private final double height;
    private final CutTree tree;

    private record Placed(int line, Stop.Way way) {}

    private RoutePlan(Pass pass, Sheet sheet, Machine machine, UnaryOperator<Point> onPaper) {
        this.machine = machine;
        this.material = pass.material();
        this.tool = pass.tool()
                .orElseThrow(() -> Refusal.of(pass.isStitch() ? "cut.isStitch" : "cut.isPrint", pass.name()));
        this.width = sheet.width();
        this.height = sheet.height();
        this.reach = sheet.planned().map(p -> p.usable()).orElse(sheet.trim());
        UnaryOperator<Point> map = pass.load().placing(width, onPaper);
        List<Contour> contours = pass.contours();
        this.lines = contours.stream()
                .map(c -> FlatLine.of(c, machine.step()).mapped(map))
                .toList();
        this.roles = new ArrayList<>(pass.lines().stream().map(l -> l.role()).toList());
        while (roles.size() < lines.size()) {
            roles.add(Role.CUT);
        }
        this.tree = new CutTree(lines);
    }

    /** @param onPaper from the design to where it lies on what is loaded: as it is, unless marks were found that say otherwise
     *  @throws Refusal if the pass is printed or stitched */
    public static Route of(Pass pass, Sheet sheet, Machine machine, UnaryOperator<Point> onPaper) {
        return new RoutePlan(pass, sheet, machine, onPaper).route();
    }

    public static Route of(Pass pass, Sheet sheet) {
        return of(pass, sheet, Machine.USUAL, p -> p);
    }

    private Route route() {
        Point home = new Point(0, height);
        List<Placed> order = new ArrayList<>();
        Point at = home;
        for (List<Integer> band : bands(tree.roots())) {
            at = sequence(band, at, order);
        }
        order = innerFirst(order);
        double offset = tool.tool() == ToolSettings.Tool.BLADE ? material.bladeOffset() : 0;
        DragBlade blade = new DragBlade(offset, 0);
        List<Stroke> strokes = new ArrayList<>();
        if (offset > 0 && !order.isEmpty()) {
            AligningStroke.in(reach, lines, offset).ifPresent(line -> strokes.add(Stroke.aligning(onSteps(line))));
        }
        for (Placed p : order) {
            Cancellation.check();
            List<Point> design = design(p);
            if (design.size() > 1) {
                for (int k = 0; k < tool.times(); k++) {
                    strokes.add(new Stroke(
                            p.line,
                            design,
                            onSteps(blade.way(design)),
                            lines.get(p.line).closed()));
                }
            }
        }
        return new Route(
                strokes,
                home,
                width,
                height,
                tool,
                machine,
                order.stream().map(Placed::line).toList(),
                offset);
    }

    /** The same order, but that what lies in a line is never behind it: pieces that cross each other may have some of theirs in common. */
    private List<Placed> innerFirst(List<Placed> order) {
        Map<Integer, Placed> waiting = new LinkedHashMap<>();
        order.forEach(p -> waiting.put(p.line, p));
        List<Placed> all = new ArrayList<>();
        order.forEach(p -> place(p.line, waiting, all));
        return all;
    }

    private void place(int line, Map<Integer, Placed> waiting, List<Placed> order) {
        Placed placed = waiting.remove(line);
        if (placed != null) {
            List<Integer> inside = tree.anywhereInside(line);
            if (inside.stream().anyMatch(waiting::containsKey)) {
                List.copyOf(waiting.keySet()).stream().filter(inside::contains).forEach(i -> place(i, waiting, order));
            }
            order.add(placed);
        }
    }

    /** Rolls are fed a little at a time: what lies in one band is made before the next. */
    private List<List<Integer>> bands(List<Integer> roots) {
        if (material.form() == Material.Form.SHEET) {
            return List.of(roots);
        }
        TreeMap<Integer, List<Integer>> bands = new TreeMap<>(Comparator.reverseOrder());
        for (int i : roots) {
            int band = (int) Math.floor(lines.get(i).box().centre().y() / machine.feed());
            bands.computeIfAbsent(band, b -> new ArrayList<>()).add(i);
        }
        return List.copyOf(bands.values());
    }

    /** Puts lines, each after what lies in it, into the order; gives where the tool is then. */
    private Point sequence(List<Integer> level, Point start, List<Placed> order) {
        Point at = start;
        TreeMap<Integer, List<Integer>> byRole = new TreeMap<>();
        level.forEach(i -> byRole.computeIfAbsent(rank(roles.get(i)), r -> new ArrayList<>())
                .add(i));
        for (List<Integer> same : byRole.values()) {
            List<Stop> stops =
                    same.stream().map(i -> StartPoints.of(lines.get(i))).toList();
            for (TravelOrder.Visit v : TravelOrder.of(stops, at)) {
                int line = same.get(v.stop());
                Stop.Way way = v.way();
                if (!tree.inside(line).isEmpty()) {
                    Point here = sequence(tree.inside(line), at, order);
                    way = stops.get(v.stop()).ways().stream()
                            .min(Comparator.comparingDouble(w -> here.distanceTo(w.in())))
                            .orElseThrow();
                }
                order.add(new Placed(line, way));
                at = way.out();
            }
        }
        return at;
    }

    private static int rank(Role role) {
        return switch (role) {
            case DRAW -> 0;
            case SCORE -> 1;
            case KISS_CUT -> 2;
            default -> 3;
        };
    }

    /** A line from where it is begun, with lead-in and overcut where it is closed. */
    private List<Point> design(Placed p) {
        FlatLine line = lines.get(p.line);
        List<Point> points = new ArrayList<>();
        int n = line.size();
        if (!line.closed()) {
            boolean back = p.way.at() != 0;
            for (int i = 0; i < n; i++) {
                points.add(line.at(back ? n - 1 - i : i));
            }
            return distinct(points);
        }
        boolean blade = tool.tool() == ToolSettings.Tool.BLADE;
        List<Point> before = along(line, p.way.at(), -1, blade ? material.leadIn() : 0);
        points.addAll(before.reversed());
        for (int i = 0; i <= n; i++) {
            points.add(line.at(p.way.at() + i));
        }
        points.addAll(along(line, p.way.at(), 1, blade ? material.overcut() : 0));
        return distinct(points);
    }

    /** The next points of a closed line up to a length, without the one it begins at. */
    private static List<Point> along(FlatLine line, int from, int step, double length) {
        List<Point> points = new ArrayList<>();
        double left = length;
        for (int i = 0; left > 1e-9 && i < line.size(); i++) {
            Point a = line.at(from + step * i);
            Point b = line.at(from + step * (i + 1));
            double d = a.distanceTo(b);
            if (d > left) {
                b = new Point(a.x() + left / d * (b.x() - a.x()), a.y() + left / d * (b.y() - a.y()));
            }
            points.add(b);
            left -= d;
        }
        return points;
    }

    private static List<Point> distinct(List<Point> points) {
        List<Point> all = new ArrayList<>();
        for (Point p : points) {
            if (all.isEmpty() || !all.getLast().equals(p)) {
                all.add(p);
            }
        }
        return all;
    }

    private List<Point> onSteps(List<Point> way) {
        return machine.onSteps(way, height);
    }
}
