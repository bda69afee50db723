package rondel.desktop.preferences;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Preferred;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.LabelledFields;
import rondel.formats.preferences.Preferences;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** How one works: units, steps, and what is saved by itself. */
final class WorkPreferences extends LabelledFields {

    private static final Integer[] MINUTES = {0, 1, 2, 5, 10, 30};

    /** No arrow key moves farther, in mm. */
    private static final double LONGEST_NUDGE = 100;

    private static final double SHORTEST_NUDGE = 0.001;

    private final Desk desk;
    private final Preferred preferred;
    private final FigureField fine;
    private final FigureField far;

    WorkPreferences(Desk desk) {
        this.desk = desk;
        this.preferred = desk.preferred();
        Preferences now = preferred.now();
        showing(() -> {
            choice(
                            "preferred-unit",
                            "prefs.unit",
                            Stream.concat(
                                            Stream.of(""),
                                            Arrays.stream(LengthUnit.values()).map(LengthUnit::symbol))
                                    .toArray(String[]::new),
                            u -> u.isEmpty() ? Words.of("prefs.unitOfFormat") : u,
                            u -> preferred.change(p -> p.withUnit(u)))
                    .setValue(now.preferredUnit().map(LengthUnit::symbol).orElse(""));
            choice(
                            "preferred-autosave",
                            "prefs.autosave",
                            MINUTES,
                            m -> Words.of("prefs.minutes", m),
                            m -> preferred.change(p -> p.withAutosave(m)))
                    .setValue(Arrays.asList(MINUTES).contains(now.autosave()) ? now.autosave() : MINUTES[3]);
            check("preferred-versions", "prefs.versionsBeside", b -> preferred.change(p -> p.withVersionsBeside(b)))
                    .setSelected(now.versionsBeside());
        });
        fine = figure(
                "preferred-nudge", "prefs.nudge", step(), mm -> preferred.change(p -> p.withNudge(Optional.of(mm))));
        far = figure(
                "preferred-coarse-nudge",
                "prefs.coarseNudge",
                step(),
                mm -> preferred.change(p -> p.withFarNudge(Optional.of(mm))));
        Button usual = new Button(Words.of("prefs.usualNudge"));
        usual.setId("preferred-usual-nudge");
        usual.setOnAction(e -> {
            preferred.change(p -> p.withNudge(Optional.empty()).withFarNudge(Optional.empty()));
            show();
        });
        wide(usual);
        show();
    }

    private Figure step() {
        return Figure.length(this::unit).within(SHORTEST_NUDGE, LONGEST_NUDGE);
    }

    private LengthUnit unit() {
        return desk.bench().job().unit();
    }

    private void show() {
        fine.show(OptionalDouble.of(preferred.now().fineNudge(unit())));
        far.show(OptionalDouble.of(preferred.now().farNudge(unit())));
    }
}
