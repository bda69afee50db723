package rondel.desktop.lines;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import rondel.desktop.desk.Desk;
import rondel.lines.pieces.Part;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The parts of what is selected, each with its role and size; a click selects one. */
final class PartsView extends VBox {

    private final Desk desk;
    private final PartsModel model;
    private final ListView<Part> list = new ListView<>();
    private final Label title = new Label();

    PartsView(Desk desk) {
        super(6);
        this.desk = desk;
        this.model = new PartsModel(desk);
        title.getStyleClass().add("side-title");
        title.setMinHeight(USE_PREF_SIZE);
        list.setId("parts");
        list.setAccessibleText(Words.of("parts.title"));
        list.setCellFactory(l -> new PartCell());
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(title, list);
        managedProperty().bind(visibleProperty());
        model.onChange(this::show);
        sceneProperty().addListener((o, before, now) -> model.watch(now != null));
        show();
    }

    private void show() {
        List<Part> parts = model.parts();
        setVisible(!parts.isEmpty());
        VBox.setVgrow(this, parts.isEmpty() ? Priority.NEVER : Priority.ALWAYS);
        title.setText(Words.of("parts.count", parts.size()));
        list.getItems().setAll(parts);
    }

    /** One part: its line, what it is, and its size. */
    private final class PartCell extends ListCell<Part> {
        private final Line sample = new Line(0, 0, 26, 0);
        private final Label what = new Label();
        private final Label size = new Label();
        private final HBox box = new HBox(8, sample, new VBox(1, what, size));

        PartCell() {
            getStyleClass().add("part-cell");
            size.getStyleClass().add("quiet");
            box.setAlignment(Pos.CENTER_LEFT);
            setPrefWidth(0);
            setOnMouseClicked(e -> {
                if (getItem() != null) {
                    ElementReveal.to(desk.bench(), getItem().element());
                }
            });
        }

        @Override
        protected void updateItem(Part part, boolean empty) {
            super.updateItem(part, empty);
            setGraphic(empty || part == null ? null : box);
            if (part != null) {
                LengthUnit unit = desk.bench().job().unit();
                sample.getStyleClass().setAll("role-line", "role-" + part.role());
                what.setText(Words.of("parts.what." + part.kind(), Words.of("role." + part.role())));
                size.setText(Words.of(
                        "parts.size",
                        LengthFormat.number(part.box().width(), unit),
                        LengthFormat.withUnit(part.box().height(), unit)));
                setAccessibleText(what.getText() + ", " + size.getText());
            }
        }
    }
}
