package rondel.desktop.lines;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.shape.Line;
import rondel.desktop.desk.Derived;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Change;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.lines.roles.MadeLines;
import rondel.units.LengthFormat;
import rondel.words.Words;

/** Which line pattern stands for which role, with how many lines there are of each and how long they are together. */
final class LegendView extends GridPane {

    private final Desk desk;
    private final Derived<MadeLines> made;

    LegendView(Desk desk) {
        super(10, 6);
        this.desk = desk;
        setId("legend");
        setMinHeight(USE_PREF_SIZE);
        made = new Derived<>(desk.workers(), this::show);
        desk.bench().on(EnumSet.of(Change.JOB, Change.SHEET), this::ask);
        sceneProperty().addListener((o, before, now) -> ask());
    }

    /** Only while it is seen. */
    private void ask() {
        if (getScene() != null) {
            Sheet sheet = desk.bench().sheet();
            made.of(List.of(sheet, desk.bench().job().unit()), () -> MadeLines.of(sheet));
        }
    }

    private void show(MadeLines made) {
        getChildren().clear();
        Map<Role, MadeLines.Tally> tallies = made.tallies();
        int row = 0;
        for (Role role : Role.values()) {
            if (tallies.containsKey(role)) {
                row("role-" + role, Words.of("role." + role), tallies.get(role), row++);
            }
        }
        if (!made.aside().isEmpty()) {
            row("role-aside", Words.of("legend.aside"), made.asideTally(), row++);
        }
        if (row == 0) {
            Label nothing = new Label(Words.of("legend.nothing"));
            nothing.getStyleClass().add("empty-state");
            nothing.setWrapText(true);
            nothing.setMinHeight(USE_PREF_SIZE);
            add(nothing, 0, 0);
        }
    }

    private void row(String style, String word, MadeLines.Tally tally, int row) {
        Line sample = new Line(0, 0, 34, 0);
        sample.getStyleClass().addAll("role-line", style);
        Label amount = new Label(Words.of(
                "legend.amount",
                tally.lines(),
                LengthFormat.withUnit(tally.length(), desk.bench().job().unit())));
        amount.getStyleClass().add("quiet");
        addRow(row, sample, new Label(word), amount);
    }
}
