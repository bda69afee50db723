package rondel.desktop.command;

import java.util.Optional;
import rondel.compose.outline.AddOutline;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.desk.Desk;
import rondel.desktop.sheet.SheetView;
import rondel.desktop.sheet.drawing.PenDrawing;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.words.Words;

/** Commands about outlines of one's own: the pen, and the points of what is drawn. */
final class PointCommands {

    private final Commands all;
    private final Desk desk;
    private final SheetView sheet;
    private final PointChoice points;

    PointCommands(Commands all, Desk desk, SheetView sheet, PointChoice points) {
        this.all = all;
        this.desk = desk;
        this.sheet = sheet;
        this.points = points;
    }

    void add() {
        all.put("pen", () -> true, this::draw);
        all.put("points", this::oneShape, this::turn);
        all.put("pointNext", this::open, () -> points.step(1));
        all.put("pointPrevious", this::open, () -> points.step(-1));
        all.put("pointAdd", this::picked, points::addAfter);
        all.put("pointRemove", this::picked, points::remove);
        all.put("pointSmooth", this::picked, () -> points.smooth(true));
        all.put("pointCorner", this::picked, () -> points.smooth(false));
        all.put("outlineSplit", this::picked, points::split);
        all.put("outlineJoin", points::canJoin, points::join);
    }

    private void draw() {
        desk.notices().say(Words.of("pen.how"));
        sheet.tool().take(new PenDrawing(desk, sheet, outline -> {
            desk.bench().stepOut(0);
            desk.perform(new AddOutline(
                    desk.bench().sheet().id(),
                    outline,
                    Words.of("pen.name"),
                    Paint.NONE,
                    Optional.of(Stroke.plain(ShapeCommands.LINE, ShapeCommands.LINE_WIDTH)),
                    Role.PRINT));
        }));
    }

    private void turn() {
        if (points.isOpen()) {
            points.close();
        } else {
            points.open();
        }
    }

    private boolean oneShape() {
        return desk.onlySelected().filter(ShapeElement.class::isInstance).isPresent();
    }

    private boolean open() {
        return points.isOpen();
    }

    private boolean picked() {
        return points.picked().isPresent();
    }
}
