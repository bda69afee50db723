package rondel.desktop.compose.measure;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import rondel.compose.outline.OutlinePoints.OutlinePoint;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.RovingFocus;
import rondel.geometry.Point;
import rondel.words.Words;

/** Where the picked point of an opened outline lies, exactly, and what it is. */
final class PointSection extends VBox {

    private final PointChoice points;
    private final Label which = new Label();
    private final FigureField x;
    private final FigureField y;

    PointSection(Desk desk, PointChoice points, Commands commands) {
        super(6);
        this.points = points;
        Figure length = Figure.length(() -> desk.bench().job().unit());
        x = new FigureField("point-x", Words.of("points.x"), length, mm -> to(p -> new Point(mm, p.y())));
        y = new FigureField("point-y", Words.of("points.y"), length, mm -> to(p -> new Point(p.x(), mm)));
        which.setId("point-which");
        GridPane grid = new GridPane(8, 6);
        grid.addRow(0, new Label(Words.of("measure.xShort")), x);
        grid.addRow(1, new Label(Words.of("measure.yShort")), y);
        HBox kinds = new HBox(6);
        for (String id : new String[] {"pointSmooth", "pointCorner"}) {
            var button = CommandButton.of(commands.get(id));
            button.setId("do-" + id);
            kinds.getChildren().add(button);
        }
        getChildren().addAll(which, grid, kinds);
        RovingFocus.overFields(this);
        points.onChange(this::show);
        show();
    }

    private String said(OutlinePoint p) {
        String kind = Words.of(p.smooth() ? "points.smooth" : "points.corner", p.number() + 1);
        int lines = points.points().orElseThrow().contours().size();
        return lines > 1 ? Words.of("points.ofLine", kind, p.contour() + 1, lines) : kind;
    }

    private void to(java.util.function.UnaryOperator<Point> change) {
        points.picked().map(OutlinePoint::at).map(change).ifPresent(points::moveTo);
    }

    private void show() {
        setVisible(points.isOpen());
        setManaged(points.isOpen());
        Optional<OutlinePoint> picked = points.picked();
        which.setText(picked.map(this::said).orElse(Words.of("points.none")));
        x.setDisable(picked.isEmpty());
        y.setDisable(picked.isEmpty());
        picked.ifPresent(p -> {
            x.show(p.at().x());
            y.show(p.at().y());
        });
    }
}
