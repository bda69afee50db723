package rondel.desktop.sheet;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import rondel.desktop.desk.Workers;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.job.PlannedSheet;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.paint.PictureSource;

/** The other sheets of the plan that the sheet in the middle is of, beside it in their order, each a picture painted elsewhere. A press on one
 *  brings it to the middle, where it stands. */
final class NeighbourSheets extends Pane {

    /** Between sheets, in mm. */
    private static final double APART = 24;

    /** Pictures of neighbours are no larger than this, in px: they are looked at, not worked on. */
    private static final double LARGEST = 900;

    private static final double LEAST = 60;

    private final Workers workers;
    private final PictureSource pictures;
    private final BiConsumer<SheetId, Double> opened;
    private final Map<SheetId, Neighbour> shown = new HashMap<>();
    private final Label caption = caption();

    /** @param opened hears which sheet is to come to the middle, and how far right of it it stands, in mm */
    NeighbourSheets(Workers workers, PictureSource pictures, BiConsumer<SheetId, Double> opened) {
        this.workers = workers;
        this.pictures = pictures;
        this.opened = opened;
        setPickOnBounds(false);
    }

    private static Label caption() {
        Label label = new Label();
        label.getStyleClass().add("sheet-caption");
        label.setMouseTransparent(true);
        label.setManaged(false);
        return label;
    }

    /** A sheet beside the one in the middle. */
    private final class Neighbour {
        private final Rectangle paper = new Rectangle();
        private final ImageView view = new ImageView();
        private final Label name = caption();
        private Sheet wanted;
        private double scale;
        private double right;
        private Workers.Task task = new Workers.Task();

        Neighbour(SheetId id) {
            paper.getStyleClass().add("paper");
            view.setMouseTransparent(true);
            view.setPreserveRatio(false);
            paper.setOnMousePressed(e -> {
                opened.accept(id, right);
                e.consume();
            });
            getChildren().addAll(paper, view, name);
        }

        void show(Job job, Sheet sheet, double at, Viewport viewport, double density) {
            right = at;
            Viewport moved = viewport.panned(at * viewport.scale(), 0);
            PaperLayer.place(paper, sheet.trim(), moved);
            sheet.paper().ifPresent(c -> paper.setFill(Color.rgb(c.red(), c.green(), c.blue())));
            view.setX(paper.getX());
            view.setY(paper.getY());
            view.setFitWidth(paper.getWidth());
            view.setFitHeight(paper.getHeight());
            NeighbourSheets.place(name, sheet, paper);
            double fits = Math.min(viewport.scale() * density, LARGEST / Math.max(sheet.width(), sheet.height()));
            double next = Math.max(fits, LEAST / Math.max(sheet.width(), sheet.height()));
            boolean visible = paper.getX() < getWidth() && paper.getX() + paper.getWidth() > 0;
            boolean other = wanted != sheet || next > scale * 1.3 || next < scale / 2;
            if (visible && other) {
                wanted = sheet;
                scale = next;
                task.cancel();
                SheetScene scene = SheetScene.of(job, sheet);
                task = workers.paint(
                        () -> ScenePainting.elements(scene, sheet.elements(), sheet.trim(), next, pictures),
                        (Image image) -> view.setImage(image));
            }
        }

        void remove() {
            task.cancel();
            getChildren().removeAll(paper, view, name);
        }
    }

    private static void place(Label label, Sheet sheet, Rectangle paper) {
        label.setText(sheet.name());
        label.setMaxWidth(Math.max(40, paper.getWidth()));
        label.resize(Math.min(label.prefWidth(-1), Math.max(40, paper.getWidth())), label.prefHeight(-1));
        label.relocate(paper.getX(), paper.getY() - label.prefHeight(-1) - 4);
        label.setVisible(paper.getWidth() > 40);
    }

    /** @param on whether they are shown at all */
    void show(Job job, Sheet middle, Viewport viewport, double density, boolean on) {
        List<Sheet> all = on ? run(job, middle) : List.of();
        int own = all.indexOf(middle);
        Map<SheetId, Neighbour> gone = new HashMap<>(shown);
        double at = 0;
        for (int i = own + 1; own >= 0 && i < all.size(); i++) {
            at += all.get(i - 1).width() + APART;
            one(job, all.get(i), at, viewport, density, gone);
        }
        at = 0;
        for (int i = own - 1; i >= 0; i--) {
            at -= all.get(i).width() + APART;
            one(job, all.get(i), at, viewport, density, gone);
        }
        gone.forEach((id, n) -> {
            n.remove();
            shown.remove(id);
        });
        caption.setVisible(on && own >= 0);
        if (caption.isVisible()) {
            if (!getChildren().contains(caption)) {
                getChildren().add(caption);
            }
            Rectangle paper = new Rectangle();
            PaperLayer.place(paper, middle.trim(), viewport);
            place(caption, middle, paper);
        }
    }

    private void one(Job job, Sheet sheet, double at, Viewport viewport, double density, Map<SheetId, Neighbour> gone) {
        gone.remove(sheet.id());
        shown.computeIfAbsent(sheet.id(), Neighbour::new).show(job, sheet, at, viewport, density);
    }

    /** The sheets of the plan that a sheet is of. */
    static List<Sheet> run(Job job, Sheet middle) {
        return middle.planned().map(p -> PlannedSheet.sheetsOf(job, p.plan())).orElse(List.of());
    }

    /** The box around all sheets of the run, in mm on the one in the middle. */
    static Box extent(Job job, Sheet middle) {
        List<Sheet> all = run(job, middle);
        int own = all.indexOf(middle);
        if (own < 0) {
            return middle.trim();
        }
        double left = 0;
        double right = middle.width();
        double height = middle.height();
        for (int i = 0; i < all.size(); i++) {
            left -= i < own ? all.get(i).width() + APART : 0;
            right += i > own ? all.get(i).width() + APART : 0;
            height = Math.max(height, all.get(i).height());
        }
        return new Box(left, 0, right - left, height);
    }
}
