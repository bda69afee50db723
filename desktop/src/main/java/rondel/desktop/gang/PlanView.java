package rondel.desktop.gang;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Accordion;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.desk.LibraryModel;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.RovingPane;
import rondel.desktop.gang.planning.GangModel;
import rondel.desktop.gang.planning.NestRun;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.gang.plan.Freshness;
import rondel.gang.plan.PlanFigures;
import rondel.job.Plan;
import rondel.job.Stock;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** The open plan: what it comes to, always in view, and its figures. */
public final class PlanView extends VBox {

    private final GangModel model;
    private final NestRun nest;
    private final Label sheets = figure("gang-sheets");
    private final Label copies = figure("gang-copies");
    private final Label used = figure("gang-used");
    private final Label cost = figure("gang-cost");
    private final Label note = new Label();
    private final VBox all;

    public PlanView(GangModel model, NestRun nest, Commands commands, LibraryModel<Stock> stocks) {
        super(10);
        this.model = model;
        this.nest = nest;
        setId("gang-right");
        getStyleClass().addAll("side", "measure");
        HBox title = HelpButton.titled("gang.plan", GuidePage.GANG);
        GridPane told = new GridPane(6, 4);
        told.getStyleClass().add("gang-told");
        told.addRow(0, quiet("gang.sheets"), sheets, quiet("gang.copies"), copies);
        told.addRow(1, quiet("gang.used"), used, quiet("gang.cost"), cost);
        note.setId("gang-note");
        note.setWrapText(true);
        note.getStyleClass().add("quiet");
        note.managedProperty().bind(note.visibleProperty());
        Accordion parts = new Accordion(
                titled("gang.layout", new WaySection(model, nest)),
                titled("gang.stock", new StockSection(model, stocks)),
                titled("gang.marks", new MarksSection(model)),
                titled("gang.hand", buttons(commands, List.of("putBack", "makeOwn", "swapDesign", "addCopies"))));
        parts.setId("gang-parts");
        RovingFocus.over(parts);
        parts.setExpandedPane(parts.getPanes().getFirst());
        ScrollPane scroll = new ScrollPane(parts);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        all = new VBox(10, told, note, scroll);
        VBox.setVgrow(all, Priority.ALWAYS);
        Label none = new Label(Words.of("gang.noPlan"));
        none.setWrapText(true);
        none.getStyleClass().add("quiet");
        none.visibleProperty().bind(all.visibleProperty().not());
        none.managedProperty().bind(none.visibleProperty());
        all.managedProperty().bind(all.visibleProperty());
        getChildren().addAll(title, none, all);
        model.onChange(this::follow);
        nest.onChange(() -> {
            parts.getPanes().stream()
                    .map(TitledPane::getContent)
                    .filter(VBox.class::isInstance)
                    .flatMap(v -> ((VBox) v).getChildren().stream())
                    .filter(WaySection.class::isInstance)
                    .forEach(w -> ((WaySection) w).follow());
            follow();
        });
        follow();
    }

    private static Label figure(String id) {
        Label label = new Label();
        label.setId(id);
        label.getStyleClass().add("gang-figure");
        return label;
    }

    private static Label quiet(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("quiet");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static TitledPane titled(String key, Node content) {
        TitledPane part = new TitledPane(Words.of(key), new VBox(6, content));
        part.setId("part-" + key.substring(key.lastIndexOf('.') + 1));
        part.getStyleClass().add("part");
        part.setAnimated(false);
        return part;
    }

    private static FlowPane buttons(Commands commands, List<String> ids) {
        FlowPane buttons = new RovingPane(6, 6);
        ids.forEach(id -> buttons.getChildren().add(CommandButton.of(commands.get(id))));
        return buttons;
    }

    private void follow() {
        Optional<Plan> plan = model.plan();
        all.setVisible(plan.isPresent());
        Optional<GangModel.Told> told = model.told();
        if (plan.isEmpty() || told.isEmpty()) {
            List.of(sheets, copies, used, cost).forEach(l -> l.setText("…"));
            note.setVisible(false);
            return;
        }
        PlanFigures f = told.get().figures();
        sheets.setText(String.valueOf(f.sheets()));
        copies.setText(String.valueOf(f.fullest()));
        used.setText(Decimals.of(100 * f.used(), 1) + " %");
        cost.setText(f.cost().isPresent() ? Decimals.of(f.cost().getAsDouble(), 2) : Words.of("gang.noPrice"));
        note.setText(note(told.get()));
        note.setVisible(!note.getText().isEmpty());
    }

    private String note(GangModel.Told told) {
        PlanFigures f = told.figures();
        List<String> said = new ArrayList<>();
        if (f.byHand() > 0) {
            said.add(Words.of(f.byHand() == 1 ? "gang.oneByHand" : "gang.byHand", String.valueOf(f.byHand())));
        }
        if (f.takenOut() > 0) {
            said.add(Words.of(f.takenOut() == 1 ? "gang.oneTakenOut" : "gang.takenOut", String.valueOf(f.takenOut())));
        }
        if (!nest.isRunning()) {
            switch (told.freshness()) {
                case Freshness.Fresh laidOut -> {}
                case Freshness.Stale stale -> said.add(Words.of("gang.stale"));
                case Freshness.Refused(Refusal why) -> said.add(why.getMessage());
            }
        }
        return String.join(" ", said);
    }
}
