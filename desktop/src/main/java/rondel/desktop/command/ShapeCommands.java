package rondel.desktop.command;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Scale;
import rondel.compose.picture.Crop;
import rondel.compose.picture.SetPictureBounds;
import rondel.compose.shape.AddShape;
import rondel.compose.shape.DrawnShape;
import rondel.compose.shape.MakePlain;
import rondel.desktop.desk.Desk;
import rondel.desktop.sheet.SheetView;
import rondel.desktop.sheet.drawing.ShapeDrawing;
import rondel.geometry.Anchor;
import rondel.geometry.shape.ArrowShape;
import rondel.geometry.shape.BalloonShape;
import rondel.geometry.shape.BannerShape;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.Edge;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.PlainShape;
import rondel.geometry.shape.PolygonShape;
import rondel.geometry.shape.RingShape;
import rondel.geometry.shape.StarShape;
import rondel.geometry.shape.TagShape;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.PictureBounds;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.words.Words;

/** Commands that draw plain shapes, by a drag or at a usual size, and that change shapes as a whole. */
final class ShapeCommands {

    /** A usual size, in mm: two inches. */
    private static final double USUAL = 50.8;

    private static final Paint FILL = Paint.solid(new Rgba(0xdc, 0xeb, 0xe6, 255));
    static final Rgba LINE = new Rgba(0x1f, 0x6f, 0x6b, 255);
    static final double LINE_WIDTH = 0.5;
    private static final double STEP = 1.1;

    /** From which opacity, 0 to 1, a pixel counts as seen. */
    private static final double SEEN_FROM = 0.1;

    private final Commands all;
    private final Desk desk;
    private final SheetView sheet;

    ShapeCommands(Commands all, Desk desk, SheetView sheet) {
        this.all = all;
        this.desk = desk;
        this.sheet = sheet;
    }

    void add() {
        shape("addBox", BoxShape.of(USUAL, USUAL * 0.75));
        shape("addOval", OvalShape.of(USUAL, USUAL));
        shape("addLine", new LineShape(0, 0, USUAL, 0));
        shape("addPolygon", PolygonShape.regular(6, USUAL));
        shape("addStar", StarShape.regular(5, 0.5, USUAL));
        shape("addHeart", new HeartShape(USUAL, USUAL * 0.9));
        shape("addTag", new TagShape(USUAL, USUAL * 1.6, 12, 5, 9));
        shape("addBanner", new BannerShape(USUAL * 1.6, USUAL * 0.5, 10));
        shape("addArrow", new ArrowShape(USUAL, USUAL * 0.5, 20, 10));
        shape("addRing", new RingShape(USUAL, USUAL, 6));
        shape("addBalloon", new BalloonShape(USUAL * 1.3, USUAL, 8, 12, 10, 0.3, 0.15));
        shape("addScalloped", new BoxShape(USUAL * 1.4, USUAL, Corners.USUAL, new Edge(Edge.Style.SCALLOPED, 6, 3)));
        all.put(
                "makePlain",
                this::anyPlain,
                () -> desk.perform(new MakePlain(desk.bench().selectedIds())));
        all.put("larger", this::anySelected, () -> scale(STEP));
        all.put("smaller", this::anySelected, () -> scale(1 / STEP));
        all.put("picturesBy", () -> true, this::turnPictureBounds);
        all.put(
                "cropSeen",
                this::onlyPictures,
                () -> desk.perform(new Crop(desk.bench().selectedIds(), Optional.empty())));
    }

    private void shape(String id, PlainShape shape) {
        all.put(id, () -> true, () -> {
            desk.notices().say(Words.of("shape.how"));
            sheet.tool().take(new ShapeDrawing(desk, sheet, shape, drawn -> add(id, drawn)));
        });
    }

    private void add(String id, DrawnShape drawn) {
        boolean line = drawn.shape() instanceof LineShape;
        desk.bench().stepOut(0);
        desk.perform(new AddShape(
                desk.bench().sheet().id(),
                drawn.shape(),
                drawn.x(),
                drawn.y(),
                Words.of("shape.name." + id),
                line ? Paint.NONE : FILL,
                Optional.of(Stroke.plain(LINE, LINE_WIDTH)
                        .withPosition(line ? Stroke.Position.CENTRE : Stroke.Position.INSIDE)),
                Role.PRINT));
    }

    /** From what can be seen of pictures to their frames, and back. */
    private void turnPictureBounds() {
        PictureBounds other =
                desk.bench().job().picturesBy() == PictureBounds.SEEN ? PictureBounds.FRAME : PictureBounds.SEEN;
        desk.perform(new SetPictureBounds(other, SEEN_FROM));
        desk.notices().say(Words.of("pictures.by." + other));
    }

    private void scale(double factor) {
        desk.perform(new Scale(desk.bench().selectedIds(), factor, factor, Anchor.CENTRE));
    }

    private boolean anySelected() {
        return !desk.bench().selection().isEmpty();
    }

    private boolean anyPlain() {
        return selected().stream()
                .anyMatch(e -> e instanceof ShapeElement s && s.plain().isPresent());
    }

    private boolean onlyPictures() {
        return anySelected() && selected().stream().allMatch(PictureElement.class::isInstance);
    }

    private List<Element> selected() {
        return desk.bench().selected().stream().map(l -> l.element()).toList();
    }
}
