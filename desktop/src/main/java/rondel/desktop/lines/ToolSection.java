package rondel.desktop.lines;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.LabelColumns;
import rondel.desktop.field.RovingPane;
import rondel.desktop.field.Unneeded;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.lines.making.Proposal;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** The figures of a tool, a button that makes what they say, and a preview on the sheet while they are chosen. */
abstract class ToolSection extends VBox {

    private final Desk desk;
    private final Preview preview;
    private final GridPane grid = new GridPane(8, 6);
    private final CheckBox see = new CheckBox(Words.of("lines.preview"));
    private final Button go = new Button();
    private int rows;

    /** @param name of the tool, in ids and in the bundle
     *  @param make makes an edit in the background */
    ToolSection(Desk desk, String name, Preview preview, Consumer<Operation> make) {
        super(6);
        this.desk = desk;
        this.preview = preview;
        LabelColumns.of(grid);
        see.setId(name + "-preview");
        see.setOnAction(e -> {
            if (see.isSelected()) {
                changed();
            } else {
                preview.end();
            }
        });
        goes(name + ".make");
        go.setId(name + "-make");
        go.getStyleClass().add("accent");
        go.setOnAction(e -> make(make));
        ProgressIndicator working = new ProgressIndicator();
        working.setId(name + "-working");
        working.setAccessibleText(Words.of("lines.working"));
        working.visibleProperty().bind(preview.working().and(see.selectedProperty()));
        go.setMinWidth(USE_PREF_SIZE);
        see.setMinWidth(USE_PREF_SIZE);
        RovingPane foot = new RovingPane(10, 6, go, see, working);
        foot.getStyleClass().add("tool-foot");
        getChildren().addAll(grid, foot);
        sceneProperty().addListener((o, before, now) -> putAway());
    }

    /** Says on the button what it does.
     *
     * @param key in the bundle */
    final void goes(String key) {
        go.setText(Words.of(key));
    }

    /** Ends the preview, where there is one. */
    void putAway() {
        if (see.isSelected()) {
            see.setSelected(false);
            preview.end();
        }
    }

    /** Adds a field under the label of a key in the bundle. */
    final void row(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        field.setAccessibleText(Words.of(key));
        grid.addRow(rows++, label, field);
        Unneeded.hidden(field, label);
    }

    /** Adds a slider under the label of a key in the bundle. */
    final void row(String key, FigureSlider slider) {
        slider.onChange(this::changed);
        row(key, (Node) slider);
    }

    /** Adds a field that needs no label of its own. */
    final void row(Node field) {
        grid.add(field, 0, rows++, 2, 1);
        Unneeded.hidden(field);
    }

    /** To be called when a figure has changed. */
    final void changed() {
        if (see.isSelected()) {
            preview.propose(this::proposal);
        }
    }

    /** The edit that the figures say; nothing where nothing is selected that it could be about.
     *
     * @throws Refusal where something that is typed can't be */
    abstract Optional<Operation> operation();

    /** What the preview shows: the edit, or one that is quicker to make and looks alike. */
    Optional<Proposal> proposal() {
        return operation().map(Proposal::of);
    }

    private void make(Consumer<Operation> make) {
        try {
            Optional<Operation> operation = operation();
            if (operation.isEmpty()) {
                desk.notices().refuse(Words.of("lines.selectFirst"));
                return;
            }
            putAway();
            make.accept(operation.get());
        } catch (Refusal e) {
            desk.notices().refuse(e.getMessage());
        }
    }
}
