package rondel.desktop.gang;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.cell.CheckBoxTableCell;
import javafx.scene.control.cell.TextFieldTableCell;
import rondel.desktop.gang.planning.NamesModel;
import rondel.job.NameList;
import rondel.words.Words;

/** The rows of a list in a table: which are made, their cells, which can be edited, and what was done so that each fits. */
final class NamesTable extends TableView<Integer> {

    private final NamesModel model;
    private List<String> columns = List.of();

    NamesTable(NamesModel model) {
        this.model = model;
        setId("names-table");
        setEditable(true);
        setPrefSize(560, 300);
        setPlaceholder(new Label(Words.of("names.placeholder")));
    }

    /** Shows the list as it is now. */
    void show(Optional<NameList> list) {
        if (!list.map(NameList::columns).orElse(List.of()).equals(columns)) {
            columns = list.map(NameList::columns).orElse(List.of());
            columns();
        }
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i < list.map(l -> l.rows().size()).orElse(0); i++) {
            rows.add(i);
        }
        if (!getItems().equals(rows)) {
            getItems().setAll(rows);
        }
        refresh();
        if (getSelectionModel().isEmpty() && !rows.isEmpty()) {
            getSelectionModel().selectFirst();
        }
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
        getColumns().setAll(all);
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
}
