package rondel.desktop.gang;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.RovingPane;
import rondel.desktop.gang.planning.GangModel;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.Hint;
import rondel.desktop.look.NameLabel;
import rondel.gang.plan.PlanFigures;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Plan;
import rondel.words.Words;

/** What is to be made: the plans of the job, and of the open one the designs, how many are wanted and how many came out. */
public final class DesignsView extends VBox {

    /** Rows of a long list are not shown one by one. */
    private static final int MOST_ROWS = 60;

    private final GangModel model;
    private final ChoiceBox<Plan> plans = new ChoiceBox<>();
    private final VBox rows = new VBox(6);
    private final Label empty = new Label(Words.of("gang.empty"));
    private final Label more = new Label();
    private boolean showing;

    public DesignsView(GangModel model, Commands commands) {
        super(10);
        this.model = model;
        setId("gang-left");
        getStyleClass().addAll("side", "shelf");
        HBox title = HelpButton.titled("gang.designs", GuidePage.GANG);
        plans.setId("gang-plans");
        plans.setAccessibleText(Words.of("gang.plans"));
        plans.setMaxWidth(Double.MAX_VALUE);
        plans.setConverter(new ChoiceNames<>(Plan::name));
        plans.setOnAction(e -> {
            if (!showing && plans.getValue() != null) {
                model.open(plans.getValue().id());
            }
        });
        plans.managedProperty().bind(plans.visibleProperty());
        empty.setWrapText(true);
        empty.getStyleClass().add("quiet");
        empty.managedProperty().bind(empty.visibleProperty());
        more.getStyleClass().add("quiet");
        more.managedProperty().bind(more.visibleProperty());
        ScrollPane scroll = new ScrollPane(new VBox(6, RovingFocus.overRows(rows), more));
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        FlowPane buttons = new RovingPane(6, 6);
        for (String id : List.of("layOut", "addToPlan", "foldOver", "foldCard", "names", "removePlan")) {
            buttons.getChildren().add(CommandButton.of(commands.get(id)));
        }
        getChildren().addAll(title, plans, empty, scroll, buttons);
        model.onChange(this::follow);
        follow();
    }

    private void follow() {
        Optional<Plan> plan = model.plan();
        showing = true;
        List<Plan> all = model.desk().bench().job().plans();
        if (!plans.getItems().equals(all)) {
            plans.getItems().setAll(all);
        }
        plans.setValue(plan.orElse(null));
        plans.setVisible(!all.isEmpty());
        showing = false;
        empty.setVisible(plan.isEmpty());
        List<DesignCount> designs = plan.map(Plan::designs).orElse(List.of());
        Optional<PlanFigures> figures = model.told().map(GangModel.Told::figures);
        boolean same = rows.getChildren().size() == Math.min(designs.size(), MOST_ROWS);
        for (int i = 0; same && i < rows.getChildren().size(); i++) {
            same = ((Row) rows.getChildren().get(i))
                    .design.equals(designs.get(i).design());
        }
        if (!same) {
            rows.getChildren()
                    .setAll(designs.stream()
                            .limit(MOST_ROWS)
                            .map(d -> (Node) new Row(d.design()))
                            .toList());
        }
        for (int i = 0; i < rows.getChildren().size(); i++) {
            int at = i;
            ((Row) rows.getChildren().get(i))
                    .show(
                            designs.get(i),
                            figures.filter(f -> at < f.made().size())
                                    .map(f -> f.made().get(at)));
        }
        more.setVisible(designs.size() > MOST_ROWS);
        more.setText(Words.of("gang.moreDesigns", String.valueOf(designs.size() - MOST_ROWS)));
    }

    /** One design. */
    private final class Row extends VBox {

        private final Design design;
        private final Label name = new NameLabel();
        private final TextField count = new TextField();
        private final Label out = new Label();
        private String shown = "";

        Row(Design design) {
            super(3);
            this.design = design;
            getStyleClass().add("gang-design");
            name.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(name, Priority.ALWAYS);
            count.setPrefColumnCount(3);
            count.setMinWidth(USE_PREF_SIZE);
            count.setPromptText(Words.of("gang.fill"));
            count.getStyleClass().add("gang-count");
            Hint.on(count, Words.of("gang.count"));
            count.setOnAction(e -> typed());
            count.focusedProperty().addListener((o, before, now) -> {
                if (!now) {
                    typed();
                }
            });
            Button drop = new Button("×");
            drop.getStyleClass().addAll("small", "quiet-button");
            drop.setAccessibleText(Words.of("gang.drop"));
            Hint.on(drop, Words.of("gang.drop"));
            drop.setOnAction(e -> model.drop(design));
            HBox top = new HBox(6, name, count, drop);
            top.setAlignment(Pos.CENTER_LEFT);
            out.getStyleClass().add("quiet");
            getChildren().addAll(top, out);
        }

        private void show(DesignCount wanted, Optional<PlanFigures.Made> made) {
            String called = model.name(design);
            name.setText(called);
            count.setAccessibleText(Words.of("gang.countOf", called));
            if (!count.isFocused()) {
                shown = wanted.count().isPresent()
                        ? String.valueOf(wanted.count().getAsInt())
                        : "";
                count.setText(shown);
            }
            out.setText(made.map(m -> words(m)).orElse(""));
        }

        private String words(PlanFigures.Made m) {
            String count = String.valueOf(m.count());
            return m.wanted().isPresent() && m.wanted().getAsInt() != m.count()
                    ? Words.of("gang.madeOf", count, String.valueOf(m.wanted().getAsInt()))
                    : Words.of("gang.made", count);
        }

        private void typed() {
            String text = count.getText().strip();
            if (text.equals(shown)) {
                return;
            }
            if (text.isEmpty()) {
                shown = text;
                model.count(design, OptionalInt.empty());
            } else if (text.matches("[1-9]\\d{0,4}")) {
                shown = text;
                model.count(design, OptionalInt.of(Integer.parseInt(text)));
            } else {
                model.desk().notices().refuse(Words.of("gang.noCount", text));
                count.setText(shown);
            }
        }
    }
}
