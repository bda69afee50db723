package rondel.desktop.gang;

import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.gang.planning.GangModel;
import rondel.job.MarkSettings;
import rondel.units.LengthUnit;

/** Which marks are printed beside what is made. */
final class MarksSection extends LabelledFields {

    private final GangModel model;
    private final CheckBox trim;
    private final CheckBox fold;
    private final CheckBox register;
    private final CheckBox names;
    private final CheckBox colours;
    private final FigureField length;
    private final FigureField offset;
    private final FigureField weight;

    MarksSection(GangModel model) {
        this.model = model;
        Figure distance = Figure.distance(this::unit);
        trim = check(
                "gang-trim", "gang.trim", b -> marks(m -> of(b, m.fold(), m.register(), m.names(), m.colourBar(), m)));
        fold = check(
                "gang-fold", "gang.fold", b -> marks(m -> of(m.trim(), b, m.register(), m.names(), m.colourBar(), m)));
        register = check(
                "gang-register",
                "gang.register",
                b -> marks(m -> of(m.trim(), m.fold(), b, m.names(), m.colourBar(), m)));
        names = check(
                "gang-names", "gang.names", b -> marks(m -> of(m.trim(), m.fold(), m.register(), b, m.colourBar(), m)));
        colours = check(
                "gang-colours", "gang.colours", b -> marks(m -> of(m.trim(), m.fold(), m.register(), m.names(), b, m)));
        length = figure(
                "gang-mark-length", "gang.markLength", distance, v -> marks(m -> sized(m, v, m.offset(), m.weight())));
        offset = figure(
                "gang-mark-offset", "gang.markOffset", distance, v -> marks(m -> sized(m, m.length(), v, m.weight())));
        weight = figure(
                "gang-mark-weight", "gang.markWeight", distance, v -> marks(m -> sized(m, m.length(), m.offset(), v)));
        model.onChange(this::follow);
        follow();
    }

    private LengthUnit unit() {
        return model.desk().bench().job().unit();
    }

    private static MarkSettings of(
            boolean trim, boolean fold, boolean register, boolean names, boolean colours, MarkSettings m) {
        return new MarkSettings(trim, fold, register, names, colours, m.length(), m.offset(), m.weight());
    }

    private static MarkSettings sized(MarkSettings m, double length, double offset, double weight) {
        return new MarkSettings(m.trim(), m.fold(), m.register(), m.names(), m.colourBar(), length, offset, weight);
    }

    private void marks(UnaryOperator<MarkSettings> change) {
        model.change(p -> p.withMarks(change.apply(p.marks())));
    }

    private void follow() {
        model.plan()
                .ifPresent(p -> showing(() -> {
                    MarkSettings m = p.marks();
                    trim.setSelected(m.trim());
                    fold.setSelected(m.fold());
                    register.setSelected(m.register());
                    names.setSelected(m.names());
                    colours.setSelected(m.colourBar());
                    length.show(m.length());
                    offset.show(m.offset());
                    weight.show(m.weight());
                }));
    }
}
