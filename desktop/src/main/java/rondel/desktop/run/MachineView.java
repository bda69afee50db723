package rondel.desktop.run;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Accordion;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandHint;
import rondel.desktop.command.Commands;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.run.running.MachineRun;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.SewnPass;
import rondel.desktop.run.sewing.HoopSection;
import rondel.desktop.run.sewing.StitchSection;
import rondel.desktop.run.sewing.ThreadsSection;
import rondel.geometry.Box;
import rondel.run.passes.Pass;
import rondel.run.route.Route;
import rondel.words.Decimals;
import rondel.words.Words;

/** The pass that is looked at: what to load, what will happen, its material and its machine, and what the machine says. */
public final class MachineView extends VBox {

    private static final int ROWS = 4;
    private static final double ROW = 22;

    private final RunModel model;
    private final RunActions actions;
    private final Label load = new Label();
    private final Label happens = new Label();
    private final Button send = new Button();
    private final Button pause = new Button();
    private final Button stop = new Button();
    private final ProgressBar bar = new ProgressBar(0);
    private final ListView<String> log = new ListView<>();
    private final VBox all;
    private final Accordion parts = new Accordion();
    private final TitledPane material;
    private final TitledPane machine;
    private final TitledPane register;
    private final TitledPane pass;
    private final TitledPane threads;
    private final TitledPane stitches;
    private final TitledPane hoop;

    public MachineView(RunActions actions, Commands commands) {
        super(10);
        this.model = actions.model();
        this.actions = actions;
        setId("run-right");
        getStyleClass().addAll("side", "measure");
        HBox title = HelpButton.titled("run.thisPass", GuidePage.RUN);
        load.setId("run-load");
        load.setWrapText(true);
        load.setMinHeight(USE_PREF_SIZE);
        load.getStyleClass().add("run-load");
        happens.setId("run-happens");
        happens.setWrapText(true);
        happens.setMinHeight(USE_PREF_SIZE);
        happens.getStyleClass().add("quiet");
        parts.setId("run-parts");
        RovingFocus.over(parts);
        material = titled("material", new MaterialSection(actions, commands));
        machine = titled("machine", new MachineSection(actions));
        register = titled("register", new RegistrationSection(actions, commands));
        pass = titled("pass", new PassSection(actions));
        threads = titled("threads", new ThreadsSection(actions, commands));
        stitches = titled("stitches", new StitchSection(actions, commands));
        hoop = titled("hoop", new HoopSection(actions, commands));
        offer(List.of(material, machine, register, pass));
        ScrollPane scroll = new ScrollPane(parts);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        button(send, "run-send", commands.get("sendPass"));
        send.getStyleClass().add("accent");
        button(pause, "run-pause", commands.get("pauseRun"));
        button(stop, "run-stop", commands.get("stopRun"));
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.setAccessibleText(Words.of("run.progress"));
        bar.managedProperty().bind(bar.visibleProperty());
        log.setId("run-log");
        log.setCellFactory(list -> new WrappedCell());
        log.setAccessibleText(Words.of("run.log"));
        log.setPlaceholder(new Label(Words.of("run.noLog")));
        log.setPrefHeight(ROWS * ROW);
        log.setMinHeight(ROWS * ROW);
        all = new VBox(10, load, happens, scroll, RovingFocus.over(new HBox(6, send, pause, stop)), bar, log);
        VBox.setVgrow(all, Priority.ALWAYS);
        getChildren().addAll(title, all);
        model.onChange(this::follow);
        actions.sending().onChange(this::follow);
        actions.sewing().sending().onChange(this::follow);
        follow();
    }

    /** Shows the parts that a pass has. */
    private void offer(List<TitledPane> wanted) {
        if (!parts.getPanes().equals(wanted)) {
            parts.getPanes().setAll(wanted);
            parts.setExpandedPane(wanted.getFirst());
        }
    }

    /** A sentence over as many rows as it needs. */
    private static final class WrappedCell extends ListCell<String> {

        WrappedCell() {
            setWrapText(true);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(String sentence, boolean empty) {
            super.updateItem(sentence, empty);
            setText(empty ? null : sentence);
        }
    }

    private static void button(Button button, String id, Command command) {
        button.setId(id);
        CommandHint.on(button, command);
        button.setOnAction(e -> command.run());
        button.managedProperty().bind(button.visibleProperty());
    }

    private static TitledPane titled(String key, Node content) {
        TitledPane part = new TitledPane(Words.of("run.part." + key), new VBox(6, content));
        part.setId("part-" + key);
        part.getStyleClass().add("part");
        part.setAnimated(false);
        return part;
    }

    private void follow() {
        Optional<Pass> pass = model.pass();
        all.setVisible(pass.isPresent());
        if (pass.isEmpty()) {
            return;
        }
        load.setText(pass.get().load().sentence());
        happens.setText(happens(pass.get()));
        offer(
                pass.get().isStitch()
                        ? List.of(threads, stitches, hoop, material, machine, this.pass)
                        : List.of(material, machine, register, this.pass));
        MachineRun now = actions.machine();
        boolean running = now.isRunning();
        send.setText(Words.of(
                pass.get().isPrint()
                        ? "run.print"
                        : pass.get().isStitch()
                                ? "sew.sew"
                                : actions.sending().taken() > 0 ? "run.sendRest" : "command.sendPass"));
        send.setVisible(!running);
        pause.setVisible(running);
        pause.setText(Words.of(now.isPaused() ? "run.goOn" : "command.pauseRun"));
        stop.setVisible(running);
        stop.setText(Words.of("command.stopRun"));
        bar.setProgress(now.share());
        bar.setVisible(running || now.share() > 0);
        List<String> said = now.log();
        if (!log.getItems().equals(said)) {
            log.getItems().setAll(said);
            log.scrollTo(said.size() - 1);
        }
    }

    private static String happens(SewnPass sewn) {
        return sewn.pattern()
                .extent()
                .map(b -> Words.of(
                        "sew.will",
                        sewn.pattern().count(),
                        sewn.pattern().runs().size(),
                        sewn.pattern().trims(),
                        Spans.time(sewn.seconds()),
                        Decimals.of(b.width(), 1),
                        Decimals.of(b.height(), 1)))
                .orElse(Words.of("stitch.nothing"));
    }

    /** What will happen, in words, before it does. */
    private String happens(Pass pass) {
        if (pass.isPrint()) {
            return Words.of("run.willPrint");
        }
        if (pass.isStitch()) {
            return model.sewn().map(MachineView::happens).orElse(Words.of("run.working"));
        }
        Optional<Route> route = model.planned().map(RunModel.Planned::route);
        if (route.isEmpty()) {
            return Words.of("run.working");
        }
        Route r = route.get();
        Box box = pass.extent().orElse(new Box(0, 0, 0, 0));
        return Words.of(
                "run.will",
                r.tool().toolName(),
                Spans.length(r.cut()),
                Decimals.of(r.tool().speed(), 0),
                Decimals.of(r.tool().force(), 0),
                Spans.length(r.travel()),
                Spans.time(r.seconds()),
                Decimals.of(box.width(), 0),
                Decimals.of(box.height(), 0));
    }
}
