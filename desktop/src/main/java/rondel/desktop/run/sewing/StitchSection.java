package rondel.desktop.run.sewing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.field.RovingPane;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.SewingActions;
import rondel.job.ElementId;
import rondel.job.Located;
import rondel.job.Rgba;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.StitchSettings.Letters;
import rondel.job.StitchSettings.Parts;
import rondel.job.StitchSettings.Underlay;
import rondel.operation.Targets;
import rondel.run.stitch.SewingThread;
import rondel.units.LengthUnit;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** How what is held, or else all of the sheet, is stitched. */
public final class StitchSection extends LabelledFields {

    private final RunActions actions;
    private final SewingActions sewing;
    private final Label about = WrappedLabel.of("", "quiet");
    private final ChoiceBox<Kind> kind;
    private final ChoiceBox<Parts> parts;
    private final FigureField spacing;
    private final FigureField length;
    private final FigureField angle;
    private final Map<Underlay, CheckBox> underlay = new EnumMap<>(Underlay.class);
    private final CheckBox byCloth;
    private final FigureField compensation;
    private final ChoiceBox<Letters> letters;
    private final ChoiceBox<Optional<SewingThread>> thread = new ChoiceBox<>();
    private boolean following;

    public StitchSection(RunActions actions, Commands commands) {
        this.actions = actions;
        this.sewing = actions.sewing();
        about.setId("sew-about");
        wide(about);
        kind = choice(
                "sew-kind",
                "sew.kind",
                Kind.values(),
                k -> Words.of("stitch.kind." + k),
                k -> sewing.change(s -> s.withKind(k)));
        parts = choice(
                "sew-parts",
                "sew.parts",
                Parts.values(),
                p -> Words.of("stitch.parts." + p),
                p -> sewing.change(s -> s.withParts(p)));
        Figure fine = Figure.distance(() -> LengthUnit.MM);
        spacing = figure("sew-spacing", "sew.spacing", fine.within(0.2, 5), v -> sewing.change(s -> s.withSpacing(v)));
        length = figure("sew-length", "sew.length", fine.within(0.5, 7), v -> sewing.change(s -> s.withLength(v)));
        angle = figure("sew-angle", "sew.angle", Figure.angle(), v -> sewing.change(s -> s.withAngle(v)));
        for (Underlay u : Underlay.values()) {
            underlay.put(u, check("sew-under-" + u, "stitch.underlay." + u, on -> sewing.change(s -> with(s, u, on))));
        }
        byCloth = check(
                "sew-by-cloth",
                "sew.byCloth",
                on -> sewing.change(s -> s.withCompensation(
                        on
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(sewing.settings().cloth().compensation()))));
        compensation = figure(
                "sew-compensation",
                "sew.compensation",
                fine.within(0, 2),
                v -> sewing.change(s -> s.withCompensation(OptionalDouble.of(v))));
        letters = choice(
                "sew-letters",
                "sew.letters",
                Letters.values(),
                l -> Words.of("stitch.letters." + l),
                l -> sewing.change(s -> s.withLetters(l)));
        thread.setId("sew-thread");
        thread.setMaxWidth(Double.MAX_VALUE);
        thread.setConverter(new ChoiceNames<>(
                t -> t.map(SewingThread::name).map(ShippedNames::shown).orElse(Words.of("sew.ownColour"))));
        thread.setOnShowing(e -> sewing.threads().read(all -> follow()));
        thread.setOnAction(e -> {
            if (!following && thread.getValue() != null) {
                sewing.change(s -> s.withThread(thread.getValue().map(SewingThread::colour)));
            }
        });
        row("sew.thread", thread);
        wide(new RovingPane(
                6, 6, CommandButton.of(commands.get("matchThreads")), CommandButton.of(commands.get("keepThread"))));
        actions.model().onChange(this::follow);
        follow();
    }

    private static StitchSettings with(StitchSettings s, Underlay u, boolean on) {
        List<Underlay> all = new ArrayList<>(s.underlay());
        all.remove(u);
        if (on) {
            all.add(u);
        }
        return s.withUnderlay(all);
    }

    private void follow() {
        if (actions.model().pass().filter(p -> p.isStitch()).isEmpty()) {
            return;
        }
        about.setText(told(sewing.meant()));
        sewing.meantSettings().ifPresent(s -> showing(() -> show(s)));
    }

    private String told(List<ElementId> of) {
        if (of.size() == 1) {
            return actions.model()
                    .desk()
                    .bench()
                    .sheet()
                    .find(of.getFirst())
                    .map(Located::element)
                    .map(e -> Words.of("sew.ofOne", Targets.display(e)))
                    .orElse("");
        }
        return Words.of("sew.ofAll", of.size());
    }

    private void show(StitchSettings s) {
        kind.setValue(s.kind());
        parts.setValue(s.parts());
        spacing.show(s.spacing());
        length.show(s.length());
        angle.show(s.angle());
        underlay.forEach((u, box) -> box.setSelected(s.underlay().contains(u)));
        byCloth.setSelected(s.compensation().isEmpty());
        compensation.setVisible(s.compensation().isPresent());
        compensation.show(s.compensation().orElse(sewing.settings().cloth().compensation()));
        letters.setValue(s.letters());
        following = true;
        List<Optional<SewingThread>> all = new ArrayList<>(List.of(Optional.empty()));
        Optional<Rgba> own = s.thread();
        Optional<SewingThread> now = own.map(c -> sewing.threads().all().stream()
                .filter(t -> t.colour().equals(c))
                .findFirst()
                .orElseGet(() -> new SewingThread(c.hex(), c)));
        sewing.threads().all().forEach(t -> all.add(Optional.of(t)));
        if (!all.contains(now)) {
            all.add(1, now);
        }
        if (!thread.getItems().equals(all)) {
            thread.getItems().setAll(all);
        }
        thread.setValue(now);
        following = false;
    }
}
