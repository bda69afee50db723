package rondel.desktop.gang;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.event.ActionEvent;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.cell.CheckBoxTableCell;
import javafx.scene.control.cell.TextFieldTableCell;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import rondel.desktop.desk.Derived;
import rondel.desktop.dialog.FormDialog;
import rondel.desktop.field.LengthInput;
import rondel.desktop.files.FileChoices;
import rondel.desktop.gang.planning.NamesModel;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.sheet.ScenePainting;
import rondel.desktop.sheet.SheetScene;
import rondel.gang.copies.DesignContents;
import rondel.gang.names.ColumnMatching;
import rondel.geometry.Box;
import rondel.job.CopyContent;
import rondel.job.Design;
import rondel.job.Job;
import rondel.job.NameList;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.words.Refusal;
import rondel.words.Words;

/** The list as a table, what of it goes into which blank, and what each row looks like. */
public final class NamesDialog {

    private static final double PICTURE = 240;
    private static final double WIDE = 760;

    private final NamesModel model;
    private final FileChoices choices;
    private final ChoiceBox<Design> template = new ChoiceBox<>();
    private final ChoiceBox<Optional<String>> count = new ChoiceBox<>();
    private final GridPane blanks = new GridPane(8, 6);
    private final TableView<Integer> table = new TableView<>();
    private final ImageView picture = new ImageView();
    private final Label about = new Label();
    private final Label wrong = new Label();
    private final Derived<javafx.scene.image.Image> painted;
    private List<String> columns = List.of();
    private boolean showing;

    public NamesDialog(NamesModel model, FileChoices choices) {
        this.model = model;
        this.choices = choices;
        this.painted = new Derived<>(model.desk().workers(), picture::setImage);
    }

    public void show(Window owner) {
        Dialog<ButtonType> dialog = new Dialog<>();
        ButtonType go = new ButtonType(Words.of("names.go"), ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().setContent(content());
        dialog.getDialogPane().getButtonTypes().setAll(go, ButtonType.CANCEL);
        dialog.setResizable(true);
        dialog.getDialogPane().setMinWidth(WIDE);
        dialog.getDialogPane().lookupButton(go).setId("names-go");
        dialog.getDialogPane().lookupButton(go).addEventFilter(ActionEvent.ACTION, e -> {
            try {
                model.keep();
            } catch (Refusal why) {
                wrong.setText(why.getMessage());
                wrong.setVisible(true);
                e.consume();
            }
        });
        FormDialog.prepare(dialog, owner, Words.of("names.heading"));
        model.onChange(this::follow);
        follow();
        dialog.showAndWait();
    }

    private Node content() {
        Job job = model.desk().bench().job();
        template.setId("names-template");
        template.getItems().setAll(DesignDialog.all(job));
        template.setConverter(new ChoiceNames<>(d -> DesignDialog.name(job, d)));
        model.template().ifPresent(template::setValue);
        template.setOnAction(e -> {
            if (!showing && template.getValue() != null) {
                model.template(template.getValue());
            }
        });
        Button open = new Button(Words.of("names.open"));
        open.setId("names-open");
        open.setOnAction(e -> choices.listToRead().ifPresent(model::read));
        Button paste = new Button(Words.of("names.paste"));
        paste.setId("names-paste");
        paste.setOnAction(e -> model.paste(
                Optional.ofNullable(Clipboard.getSystemClipboard().getString()).orElse("")));
        Button again = new Button(Words.of("names.again"));
        again.setId("names-again");
        again.setOnAction(e -> model.again());
        Label into = new Label(Words.of("names.template"));
        into.setLabelFor(template);
        HBox top = new HBox(8, into, template, open, paste, again);
        top.setAlignment(Pos.CENTER_LEFT);
        List.of(into, open, paste, again).forEach(n -> n.setMinWidth(Region.USE_PREF_SIZE));
        template.setPrefWidth(180);
        count.setId("names-count");
        count.setConverter(new ChoiceNames<>(c -> c.orElse(Words.of("names.oneEach"))));
        count.setOnAction(e -> {
            if (!showing && count.getValue() != null) {
                model.count(count.getValue());
            }
        });
        table.setId("names-table");
        table.setEditable(true);
        table.setPrefSize(560, 300);
        table.setPlaceholder(new Label(Words.of("names.placeholder")));
        table.getSelectionModel().selectedItemProperty().addListener((o, before, now) -> look());
        picture.setPreserveRatio(true);
        picture.setFitWidth(PICTURE);
        picture.setFitHeight(PICTURE);
        StackPane frame = new StackPane(picture);
        frame.getStyleClass().add("names-picture");
        frame.setMinSize(PICTURE + 16, PICTURE + 16);
        about.setWrapText(true);
        about.setMaxWidth(PICTURE + 16);
        about.setId("names-about");
        about.getStyleClass().add("quiet");
        wrong.getStyleClass().add("form-wrong");
        wrong.setWrapText(true);
        wrong.setVisible(false);
        wrong.managedProperty().bind(wrong.visibleProperty());
        HBox.setHgrow(table, Priority.ALWAYS);
        VBox all = new VBox(10, top, blanks, new HBox(12, table, new VBox(8, frame, about)), wrong);
        all.getStyleClass().add("form");
        return all;
    }

    private void follow() {
        showing = true;
        Optional<NameList> list = model.list();
        if (!list.map(NameList::columns).orElse(List.of()).equals(columns)) {
            columns = list.map(NameList::columns).orElse(List.of());
            columns();
        }
        blanks(list);
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i < list.map(l -> l.rows().size()).orElse(0); i++) {
            rows.add(i);
        }
        if (!table.getItems().equals(rows)) {
            table.getItems().setAll(rows);
        }
        table.refresh();
        if (table.getSelectionModel().isEmpty() && !rows.isEmpty()) {
            table.getSelectionModel().selectFirst();
        }
        showing = false;
        look();
    }

    private void columns() {
        List<TableColumn<Integer, ?>> all = new ArrayList<>();
        TableColumn<Integer, Boolean> made = new TableColumn<>(Words.of("names.made"));
        made.setCellValueFactory(r -> {
            int row = r.getValue();
            SimpleBooleanProperty on = new SimpleBooleanProperty(
                    !model.list().map(l -> l.rows().get(row).leftOut()).orElse(false));
            on.addListener((o, before, now) -> model.leaveOut(row, !now));
            return on;
        });
        made.setCellFactory(CheckBoxTableCell.forTableColumn(made));
        made.setEditable(true);
        made.setPrefWidth(54);
        all.add(made);
        for (int i = 0; i < columns.size(); i++) {
            int at = i;
            TableColumn<Integer, String> column = new TableColumn<>(columns.get(i));
            column.setCellValueFactory(r -> new SimpleStringProperty(model.list()
                    .map(l -> l.rows().get(r.getValue()).cells())
                    .filter(c -> at < c.size())
                    .map(c -> c.get(at))
                    .orElse("")));
            column.setCellFactory(TextFieldTableCell.forTableColumn());
            column.setOnEditCommit(e -> model.cell(e.getRowValue(), at, e.getNewValue()));
            column.setPrefWidth(150);
            all.add(column);
        }
        TableColumn<Integer, String> how = new TableColumn<>(Words.of("names.fitted"));
        how.setCellValueFactory(r -> new SimpleStringProperty(fitted(r.getValue())));
        how.setPrefWidth(150);
        how.setEditable(false);
        all.add(how);
        table.getColumns().setAll(all);
    }

    /** What was done to a row, or what is wrong with it, in a word or two. */
    private String fitted(int row) {
        if (!model.isFilled()) {
            return "…";
        }
        if (!model.findings(row).isEmpty()) {
            return Words.of(
                    "names.finding." + model.findings(row).getFirst().finding().code());
        }
        return model.list().stream()
                .flatMap(l -> l.rows().get(row).texts().stream())
                .map(NameList.FilledText::how)
                .filter(h -> h != NameList.Fitted.AS_IT_IS)
                .map(h -> Words.of("names.fitted." + h))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private void blanks(Optional<NameList> list) {
        List<ColumnMatching.Place> places = list.isPresent() ? model.places() : List.of();
        List<Optional<String>> choices = new ArrayList<>(List.of(Optional.empty()));
        columns.forEach(c -> choices.add(Optional.of(c)));
        blanks.getChildren().clear();
        for (int i = 0; i < places.size(); i++) {
            blank(places.get(i), i, choices);
        }
        if (list.isPresent()) {
            count.getItems().setAll(choices);
            count.setValue(list.get().count());
            Label label = new Label(Words.of("names.count"));
            label.setLabelFor(count);
            blanks.addRow(places.size(), label, count);
        }
    }

    private void blank(ColumnMatching.Place place, int row, List<Optional<String>> choices) {
        Optional<NameList.Blank> now = model.blank(place.element());
        ChoiceBox<Optional<String>> column = new ChoiceBox<>();
        column.setId("names-blank-" + row);
        column.getItems().setAll(choices);
        column.setConverter(new ChoiceNames<>(c -> c.orElse(Words.of("names.asItIs"))));
        column.setValue(now.map(NameList.Blank::column));
        LengthInput room = new LengthInput("names-room-" + row);
        LengthInput smallest = LengthInput.ofSize("names-smallest-" + row);
        var unit = model.desk().bench().job().unit();
        room.setPrefColumnCount(6);
        smallest.setPrefColumnCount(6);
        room.show(now.map(b -> b.room().orElse(0)).orElse(0.0), unit);
        smallest.show(now.map(NameList.Blank::smallest).orElse(NameList.Blank.USUAL_SMALLEST), unit);
        Runnable map = () -> {
            if (showing || column.getValue() == null) {
                return;
            }
            try {
                double wide = room.mm(unit);
                model.map(
                        place.element(),
                        column.getValue(),
                        wide > 0 ? OptionalDouble.of(wide) : OptionalDouble.empty(),
                        smallest.mm(unit));
            } catch (Refusal e) {
                wrong.setText(e.getMessage());
                wrong.setVisible(true);
            }
        };
        column.setOnAction(e -> map.run());
        room.setOnAction(e -> map.run());
        smallest.setOnAction(e -> map.run());
        String says = place.says().replace('\n', ' ');
        Label label = new Label(says.length() > 28 ? says.substring(0, 28) + "…" : says);
        label.setLabelFor(column);
        if (place.picture()) {
            blanks.addRow(row, label, column);
        } else {
            blanks.addRow(
                    row,
                    label,
                    column,
                    new Label(Words.of("names.room")),
                    room,
                    new Label(Words.of("names.smallest")),
                    smallest);
        }
    }

    /** Shows the row that is held. */
    private void look() {
        Integer row = table.getSelectionModel().getSelectedItem();
        Optional<NameList> list = model.list();
        if (row == null
                || list.isEmpty()
                || !model.isFilled()
                || row >= list.get().rows().size()) {
            return;
        }
        about.setText(
                model.findings(row).isEmpty()
                        ? Words.of(
                                "names.rowOf",
                                String.valueOf(row + 1),
                                String.valueOf(list.get().rows().size()))
                        : model.findings(row).stream()
                                .map(a -> a.finding().sentence())
                                .collect(Collectors.joining(" ")));
        NameList of = list.get();
        painted.of(List.of(of, row), () -> {
            Job job = model.preview().orElseThrow();
            CopyContent shown = new DesignContents(job).of(model.design(row));
            Box box =
                    shown.box().grown(Math.max(shown.box().width(), shown.box().height()) * 0.03);
            Sheet sheet = Sheet.of(new SheetId("row"), "", box.width(), box.height());
            SheetScene scene = new SheetScene(sheet, job.media(), java.util.Set.of());
            double scale = 2 * PICTURE / Math.max(box.width(), box.height());
            return ScenePainting.elements(
                    scene, List.of(shown.group()), box, scale, model.desk().pictures());
        });
    }
}
