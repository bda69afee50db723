package rondel.desktop.lines;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.desk.Desk;
import rondel.desktop.lines.making.BackgroundEdits;
import rondel.lines.check.Finding;
import rondel.words.Words;

/** The list of findings: each says what, where and what to do; a click goes there, a button mends it. */
final class FindingsView extends VBox {

    private final Desk desk;
    private final FindingsModel model;
    private final BackgroundEdits edits;
    private final ListView<Finding> list = new ListView<>();
    private final Label none = new Label(Words.of("findings.none"));

    FindingsView(Desk desk, FindingsModel model, BackgroundEdits edits) {
        super(6);
        this.desk = desk;
        this.model = model;
        this.edits = edits;
        Label title = new Label(Words.of("findings.title"));
        title.getStyleClass().add("side-title");
        none.getStyleClass().add("empty-state");
        none.setWrapText(true);
        none.setMinHeight(USE_PREF_SIZE);
        none.managedProperty().bind(none.visibleProperty());
        list.setId("findings");
        list.setAccessibleText(Words.of("findings.title"));
        list.setCellFactory(l -> new FindingCell());
        VBox.setVgrow(list, Priority.ALWAYS);
        list.managedProperty().bind(list.visibleProperty());
        getChildren().addAll(title, none, list);
        model.onChange(this::show);
        show();
    }

    private void show() {
        list.getItems().setAll(model.findings());
        none.setVisible(model.findings().isEmpty());
        list.setVisible(!model.findings().isEmpty());
        VBox.setVgrow(this, model.findings().isEmpty() ? Priority.NEVER : Priority.ALWAYS);
    }

    /** One finding. */
    private final class FindingCell extends ListCell<Finding> {
        private final Label sentence = new Label();
        private final Label weight = new Label();
        private final Button fix = new Button(Words.of("findings.mend"));
        private final VBox box;

        FindingCell() {
            getStyleClass().add("finding-cell");
            sentence.setWrapText(true);
            sentence.setPrefWidth(190);
            sentence.setMinHeight(USE_PREF_SIZE);
            setPrefWidth(0);
            weight.getStyleClass().add("finding-weight");
            fix.getStyleClass().add("small");
            fix.setId("mend");
            HBox foot = new HBox(8, weight, fix);
            foot.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
            box = new VBox(4, sentence, foot);
            setOnMouseClicked(e -> {
                if (getItem() != null) {
                    getItem().element().ifPresent(id -> ElementReveal.to(desk.bench(), id));
                }
            });
        }

        @Override
        protected void updateItem(Finding finding, boolean empty) {
            super.updateItem(finding, empty);
            Node shown = empty || finding == null ? null : box;
            setGraphic(shown);
            if (shown != null) {
                sentence.setText(finding.sentence());
                weight.setText(Words.of("severity." + finding.severity()));
                weight.getStyleClass().setAll("label", "finding-weight", "finding-" + finding.severity());
                fix.setVisible(finding.fix().isPresent());
                fix.setOnAction(e -> edits.mend(finding, model.mending()));
                setAccessibleText(finding.sentence());
            }
        }
    }
}
