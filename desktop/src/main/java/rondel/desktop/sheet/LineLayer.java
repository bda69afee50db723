package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
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

    /** What was found of a sheet.
     *
     * @param aside what has a role but is not made */
    private record Found(Map<Role, RoleLines> lines, Outline aside) {
        static final Found NONE = of(MadeLines.NONE);

        static Found of(MadeLines made) {
            return new Found(RoleLines.of(made), made.aside());
        }
    }

    /** The fine lines of a role and the others, which stay as they are while the scale does. */
    private record Parted(Outline fine, Outline others) {}

    private final Derived<Found> derived;
    private Found made = Found.NONE;
    private Map<Role, Parted> parted = Map.of();
    private double partedAt = Double.NaN;
    private Box trim = new Box(0, 0, 0, 0);
    private Viewport at = new Viewport(Viewport.TRUE_SIZE, 0, 0);
    private Viewport shownAt;

    LineLayer(Workers workers) {
        derived = new Derived<>(workers, found -> {
            made = found;
            partedAt = Double.NaN;
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
        derived.of(List.of(sheet), () -> Found.of(MadeLines.of(sheet)));
        if (!viewport.equals(shownAt)) {
            draw();
        }
    }

    private void draw() {
        Viewport viewport = at;
        shownAt = at;
        part(viewport.scale());
        PaperLayer.place(tint, trim, viewport);
        List<Node> nodes = new ArrayList<>(List.of(tint));
        if (!made.aside().isEmpty()) {
            Path path = FxPaths.of(made.aside(), viewport.toScreen());
            path.getStyleClass().addAll("role-line", "role-aside");
            nodes.add(path);
        }
        parted.forEach((role, lines) -> {
            add(nodes, role, lines.others, List.of());
            add(nodes, role, lines.fine, List.of("role-fine"));
        });
        List<Box> taken = new ArrayList<>();
        made.lines.forEach((role, lines) -> name(role, lines, viewport, taken, nodes));
        getChildren().setAll(nodes);
    }

    private void part(double scale) {
        if (scale != partedAt) {
            partedAt = scale;
            parted = new EnumMap<>(Role.class);
            made.lines.forEach((role, lines) ->
                    parted.put(role, new Parted(lines.shorterThan(FINE / scale), lines.atLeast(FINE / scale))));
        }
    }

    private void add(List<Node> nodes, Role role, Outline outline, List<String> more) {
        if (!outline.isEmpty()) {
            Path path = FxPaths.of(outline, at.toScreen());
            path.getStyleClass().addAll("role-line", "role-" + role);
            path.getStyleClass().addAll(more);
            nodes.add(path);
        }
    }

    /** The role's word on one of its longest lines, where no other word stands; above the highest node where all are short. */
    private static void name(Role role, RoleLines lines, Viewport viewport, List<Box> taken, List<Node> nodes) {
        String word = Words.of("role." + role);
        double width = word.length() * LETTER + 10;
        lines.longest().stream()
                .filter(b -> b.start().distanceTo(b.end()) * viewport.scale() > ROOM * width)
                .map(b -> viewport.toScreen(b.at(0.5)))
                .map(at -> new Box(at.x() - width / 2, at.y() - HEIGHT / 2, width, HEIGHT))
                .filter(box -> taken.stream().noneMatch(t -> t.intersects(box)))
                .findFirst()
                .or(() -> lines.highest()
                        .map(viewport::toScreen)
                        .map(p -> new Box(p.x() - width / 2, p.y() - HEIGHT - 2, width, HEIGHT)))
                .ifPresent(box -> {
                    taken.add(box);
                    Label label = new Label(word);
                    label.getStyleClass().addAll("role-word", "role-word-" + role);
                    label.setManaged(false);
                    label.resizeRelocate(box.x(), box.y(), box.width(), box.height());
                    nodes.add(label);
                });
    }

    void open(boolean on) {
        setVisible(on);
        made = Found.NONE;
        partedAt = Double.NaN;
        derived.forget();
        shownAt = null;
    }
}
