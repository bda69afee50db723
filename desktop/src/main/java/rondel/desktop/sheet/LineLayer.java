package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import rondel.desktop.desk.Derived;
import rondel.desktop.desk.Workers;
import rondel.desktop.look.FxPaths;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.lines.roles.MadeLines;
import rondel.words.Words;

/** What will be made of the sheet, each role in its own line pattern, as wide as can be seen however one looks; the paper is
 *  tinted, so that white art and the faded rest stand out from it. */
final class LineLayer extends Pane {

    private final Rectangle tint = PaperLayer.outline("lines-tint");
    /** Lines shorter than this, in px, as those of fine lettering, have a thinner pen and a closer pattern. */
    private static final double FINE = 90;

    private static final double LETTER = 6.2;
    private static final double HEIGHT = 15;
    private static final double ROOM = 1.2;
    private static final int MOST_PLACES = 60;

    private final Derived<MadeLines> derived;
    private MadeLines made = MadeLines.NONE;
    private Box trim = new Box(0, 0, 0, 0);
    private Viewport at = new Viewport(Viewport.TRUE_SIZE, 0, 0);
    private Viewport shownAt;

    LineLayer(Workers workers) {
        derived = new Derived<>(workers, found -> {
            made = found;
            draw();
        });
        setMouseTransparent(true);
        setVisible(false);
    }

    void show(Sheet sheet, Viewport viewport) {
        if (!isVisible()) {
            return;
        }
        at = viewport;
        trim = sheet.trim();
        derived.of(List.of(sheet), () -> MadeLines.of(sheet));
        if (!viewport.equals(shownAt)) {
            draw();
        }
    }

    private void draw() {
        Viewport viewport = at;
        shownAt = at;
        Map<Role, Outline> outlines = made.outlines();
        PaperLayer.place(tint, trim, viewport);
        List<Node> nodes = new ArrayList<>(List.of(tint));
        if (!made.aside().isEmpty()) {
            Path path = FxPaths.of(made.aside(), viewport.toScreen());
            path.getStyleClass().addAll("role-line", "role-aside");
            nodes.add(path);
        }
        outlines.forEach((role, outline) -> {
            Map<Boolean, List<Contour>> fine = Contour.of(outline).stream()
                    .collect(Collectors.partitioningBy(c -> length(c) * viewport.scale() < FINE));
            fine.forEach((small, contours) -> {
                if (!contours.isEmpty()) {
                    Path path = FxPaths.of(Contour.outline(contours), viewport.toScreen());
                    path.getStyleClass().addAll("role-line", "role-" + role);
                    if (small) {
                        path.getStyleClass().add("role-fine");
                    }
                    nodes.add(path);
                }
            });
        });
        List<Box> taken = new ArrayList<>();
        outlines.forEach((role, outline) -> name(role, outline, viewport, taken, nodes));
        getChildren().setAll(nodes);
    }

    private static double length(Contour c) {
        return c.segments().stream().mapToDouble(Bezier::controlLength).sum();
    }

    /** The role's word on one of its longest lines, where no other word stands; above the highest node where all are short. */
    private static void name(Role role, Outline outline, Viewport viewport, List<Box> taken, List<Node> nodes) {
        String word = Words.of("role." + role);
        double width = word.length() * LETTER + 10;
        List<Bezier> segments =
                Contour.of(outline).stream().flatMap(c -> c.segments().stream()).toList();
        segments.stream()
                .sorted(Comparator.comparingDouble((Bezier b) -> -b.start().distanceTo(b.end())))
                .limit(MOST_PLACES)
                .filter(b -> b.start().distanceTo(b.end()) * viewport.scale() > ROOM * width)
                .map(b -> viewport.toScreen(b.at(0.5)))
                .map(at -> new Box(at.x() - width / 2, at.y() - HEIGHT / 2, width, HEIGHT))
                .filter(box -> taken.stream().noneMatch(t -> t.intersects(box)))
                .findFirst()
                .or(() ->
                        top(segments, viewport).map(p -> new Box(p.x() - width / 2, p.y() - HEIGHT - 2, width, HEIGHT)))
                .ifPresent(box -> {
                    taken.add(box);
                    Label label = new Label(word);
                    label.getStyleClass().addAll("role-word", "role-word-" + role);
                    label.setManaged(false);
                    label.resizeRelocate(box.x(), box.y(), box.width(), box.height());
                    nodes.add(label);
                });
    }

    /** Where the highest node is on screen. */
    private static Optional<Point> top(List<Bezier> segments, Viewport viewport) {
        return segments.stream()
                .map(Bezier::start)
                .min(Comparator.comparingDouble(Point::y))
                .map(viewport::toScreen);
    }

    void open(boolean on) {
        setVisible(on);
        made = MadeLines.NONE;
        derived.forget();
        shownAt = null;
    }
}
