package rondel.desktop.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.field.RovingPane;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.run.running.MachineAddress;
import rondel.desktop.run.running.Printing;
import rondel.desktop.run.running.RunActions;
import rondel.devices.printer.SystemPrinter;
import rondel.run.passes.Pass;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** Where the pass is sent: a cutter, or a printer with how it prints. */
final class MachineSection extends LabelledFields {

    private final RunActions actions;
    private final Printing printing;
    private final ChoiceBox<MachineAddress> to = new ChoiceBox<>();
    private final TextField address = new TextField();
    private final CheckBox ruler;
    private final CheckBox compensate;
    private final ChoiceBox<SystemPrinter.Quality> quality;
    private final ChoiceBox<SystemPrinter.Turning> sides;
    private final ChoiceBox<Optional<String>> tray = new ChoiceBox<>();
    private final Label measured = new Label();
    private final FlowPane testing;
    private boolean following;

    MachineSection(RunActions actions) {
        this.actions = actions;
        this.printing = actions.printing();
        to.setId("run-to");
        to.setMaxWidth(Double.MAX_VALUE);
        to.setConverter(new ChoiceNames<>(this::name));
        to.setOnAction(e -> {
            if (!following && to.getValue() != null) {
                chosen(to.getValue());
            }
        });
        row("run.machine", to);
        address.setId("run-address");
        address.setPromptText("localhost:9100");
        address.setOnAction(e -> typed());
        address.focusedProperty().addListener((o, before, now) -> {
            if (!now && !address.getText().isBlank()) {
                typed();
            }
        });
        row("run.address", address);
        tray.setId("run-tray");
        tray.setMaxWidth(Double.MAX_VALUE);
        tray.setConverter(new ChoiceNames<>(t -> t.orElse(Words.of("run.anyTray"))));
        tray.setOnAction(e -> {
            if (!following && tray.getValue() != null) {
                printing.settings(new SystemPrinter.Settings(
                        tray.getValue(),
                        printing.settings().quality(),
                        printing.settings().sides()));
            }
        });
        row("run.tray", tray);
        quality = choice(
                "run-quality",
                "run.quality",
                SystemPrinter.Quality.values(),
                q -> Words.of("print.quality." + q),
                q -> printing.settings(new SystemPrinter.Settings(
                        printing.settings().tray(), q, printing.settings().sides())));
        sides = choice(
                "run-sides",
                "run.sides",
                SystemPrinter.Turning.values(),
                s -> Words.of("print.sides." + s),
                s -> printing.settings(new SystemPrinter.Settings(
                        printing.settings().tray(), printing.settings().quality(), s)));
        ruler = check("run-ruler", "run.ruler", printing::ruler);
        compensate = check("run-compensate", "run.compensate", printing::compensated);
        measured.setWrapText(true);
        measured.getStyleClass().add("quiet");
        wide(measured);
        Button page = new Button(Words.of("run.testPage"));
        page.setId("run-test-page");
        page.setOnAction(e -> printing.testPage(actions.model().sheet()));
        Button measure = new Button(Words.of("run.measure"));
        measure.setId("run-measure");
        measure.setOnAction(e -> printing.measure(actions.model().sheet()));
        testing = new RovingPane(6, 6, page, measure);
        wide(testing);
        actions.model().onChange(this::follow);
        printing.onChange(this::follow);
        printing.look();
        follow();
    }

    private boolean prints() {
        return actions.model().pass().filter(Pass::isPrint).isPresent();
    }

    private boolean stitches() {
        return actions.model().pass().filter(Pass::isStitch).isPresent();
    }

    private String name(MachineAddress a) {
        return switch (a) {
            case MachineAddress.StandIn s ->
                Words.of(prints() ? "run.standInPrinter" : stitches() ? "run.standInStitcher" : "run.standInCutter");
            case MachineAddress.Port p -> Words.of("run.port");
            case MachineAddress.SystemPrinter p -> p.name();
            case MachineAddress.ToFile f -> Words.of(prints() ? "run.toPdf" : stitches() ? "run.toTape" : "run.toHpgl");
        };
    }

    private void chosen(MachineAddress a) {
        if (a instanceof MachineAddress.Port && !address.getText().isBlank()) {
            typed();
        } else {
            set(a);
        }
        follow();
    }

    private void set(MachineAddress a) {
        if (prints()) {
            printing.to(a);
        } else {
            actions.machine(a);
        }
    }

    private void typed() {
        try {
            set(MachineAddress.Port.of(address.getText()));
        } catch (Refusal e) {
            actions.model().desk().notices().refuse(e.getMessage());
        }
    }

    private void follow() {
        boolean prints = prints();
        MachineAddress now = prints ? printing.to() : actions.machineAddress();
        following = true;
        List<MachineAddress> all = new ArrayList<>(List.of(
                new MachineAddress.StandIn(),
                now instanceof MachineAddress.Port ? now : new MachineAddress.Port("localhost", 9100),
                new MachineAddress.ToFile()));
        if (prints) {
            printing.system().forEach(n -> all.add(new MachineAddress.SystemPrinter(n)));
        }
        to.getItems().setAll(all);
        to.setValue(now);
        List<Optional<String>> trays = new ArrayList<>(List.of(Optional.empty()));
        printing.chosen().ifPresent(p -> p.trays().forEach(t -> trays.add(Optional.of(t))));
        tray.getItems().setAll(trays);
        tray.setValue(printing.settings().tray().filter(t -> trays.contains(Optional.of(t))));
        following = false;
        address.setVisible(now instanceof MachineAddress.Port);
        boolean ofSystem = prints && now instanceof MachineAddress.SystemPrinter;
        showing(() -> {
            quality.setValue(printing.settings().quality());
            sides.setValue(printing.settings().sides());
            ruler.setSelected(printing.ruler());
            compensate.setSelected(printing.compensated());
            tray.setVisible(ofSystem);
            quality.setVisible(ofSystem);
            sides.setVisible(ofSystem);
            ruler.setVisible(prints);
            compensate.setVisible(prints && printing.scale().isPresent());
            testing.setVisible(prints);
            measured.setVisible(prints);
        });
        measured.setText(Optional.of(printing)
                        .flatMap(Printing::scale)
                        .map(s ->
                                Words.of("run.scale", Decimals.of(100 * s.across(), 2), Decimals.of(100 * s.down(), 2)))
                        .orElse(Words.of("run.notMeasured"))
                + printing.chosen()
                        .flatMap(Printing.SystemPrinterFacts::margins)
                        .map(m -> " " + Words.of("run.reaches", Decimals.of(m, 1)))
                        .orElse(""));
    }
}
