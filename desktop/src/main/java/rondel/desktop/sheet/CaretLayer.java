package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Path;
import javafx.scene.shape.Polygon;
import rondel.desktop.compose.text.TextInPlace;
import rondel.desktop.look.FxColours;
import rondel.desktop.look.FxPaths;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.text.CaretPlaces;
import rondel.text.TextCaret;

/** The caret and the selection of a text that is edited where it stands. */
final class CaretLayer extends Pane {

    /** What is shown now: the same is not drawn again. */
    private record Shown(CaretPlaces places, TextCaret caret, Affine toScreen, Optional<TextInPlace.Written> written) {}

    private Optional<TextInPlace> offered = Optional.empty();
    private Optional<Shown> shown = Optional.empty();

    CaretLayer() {
        setMouseTransparent(true);
    }

    void offer(TextInPlace text) {
        offered = Optional.of(text);
    }

    Optional<TextInPlace> open() {
        return offered.filter(TextInPlace::isOpen);
    }

    void openText(Point onSheet) {
        offered.ifPresent(t -> t.open(Optional.of(onSheet)));
    }

    void show(Viewport viewport) {
        Optional<Shown> next = open().flatMap(o -> o.places().flatMap(p -> o.toSheet()
                .map(a -> new Shown(p, o.caret(), viewport.toScreen().times(a), o.written()))));
        if (Objects.equals(next, shown)) {
            return;
        }
        shown = next;
        getChildren().setAll(next.map(CaretLayer::drawn).orElse(List.of()));
    }

    private static List<Node> drawn(Shown s) {
        List<Node> nodes = new ArrayList<>();
        s.written().ifPresent(w -> {
            Path letters = FxPaths.of(w.outline(), s.toScreen());
            letters.setId("written");
            letters.setAccessibleText(w.content());
            letters.setStroke(null);
            letters.setFill(FxColours.of(w.colour()));
            nodes.add(letters);
        });
        for (int i = s.caret().from(); i < s.caret().to(); i++) {
            CaretPlaces.Place a = s.places().at(i);
            CaretPlaces.Place b = s.places().at(i + 1);
            if (a.line() == b.line()) {
                nodes.add(between(s.toScreen(), a, b));
            }
        }
        CaretPlaces.Place at = s.places().at(s.caret().at());
        for (String style : List.of("caret-casing", "caret")) {
            Point top = s.toScreen().apply(at.top());
            Point bottom = s.toScreen().apply(at.bottom());
            Line line = new Line(top.x(), top.y(), bottom.x(), bottom.y());
            line.getStyleClass().add(style);
            nodes.add(line);
        }
        return nodes;
    }

    private static Polygon between(Affine toScreen, CaretPlaces.Place a, CaretPlaces.Place b) {
        Polygon p = new Polygon();
        for (Point corner : List.of(a.top(), b.top(), b.bottom(), a.bottom())) {
            Point at = toScreen.apply(corner);
            p.getPoints().addAll(at.x(), at.y());
        }
        p.getStyleClass().add("caret-selection");
        return p;
    }
}
