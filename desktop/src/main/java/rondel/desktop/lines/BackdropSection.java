package rondel.desktop.lines;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import rondel.desktop.command.Command;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.LengthInput;
import rondel.desktop.lines.making.BackgroundEdits;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.lines.making.Proposal;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.sheet.SheetBrush;
import rondel.desktop.sheet.SheetView;
import rondel.geometry.Point;
import rondel.job.BackdropSettings;
import rondel.job.Cleared;
import rondel.job.ElementId;
import rondel.job.Located;
import rondel.job.PictureElement;
import rondel.lines.backdrop.ClearBackdrop;
import rondel.lines.backdrop.ClearingDraft;
import rondel.lines.backdrop.OnPicture;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** The figures of clearing a backdrop, and what a press on the picture does: select, say where the backdrop is, keep or drop. */
final class BackdropSection extends ToolSection {

    private static final BackdropSettings USUAL = BackdropSettings.USUAL;
    private static final double USUAL_BRUSH = 1.5;
    private static final double MOST_TOLERANCE = 0.3;

    /** What a press on the sheet does. */
    enum Tool {
        NONE,
        CLICK,
        KEEP,
        DROP
    }

    private final Desk desk;
    private final BackgroundEdits edits;
    private final Preview preview;
    private final FigureSlider tolerance =
            new FigureSlider("backdrop-tolerance", FigureSlider.Of.DISTANCE, 0.005, MOST_TOLERANCE, USUAL.tolerance());
    private final FigureSlider softness =
            new FigureSlider("backdrop-softness", FigureSlider.Of.PIXELS, 0, 20, USUAL.softness());
    private final CheckBox pockets = new CheckBox(Words.of("backdrop.pockets"));
    private final ChoiceBox<Tool> tool = new ChoiceBox<>();
    private final LengthInput brush = new LengthInput("backdrop-brush");
    private Optional<Cleared> figures = Optional.empty();
    private LengthUnit shownUnit;

    BackdropSection(Desk desk, Preview preview, BackgroundEdits edits, SheetView sheet, Command restore) {
        super(desk, "backdrop", preview, edits::make);
        this.desk = desk;
        this.preview = preview;
        this.edits = edits;
        pockets.setId("backdrop-pockets");
        pockets.setSelected(USUAL.pockets());
        pockets.setOnAction(e -> changed());
        tool.setId("backdrop-tool");
        tool.getItems().setAll(Tool.values());
        tool.setConverter(new ChoiceNames<>(t -> Words.of("backdrop.tool." + t)));
        tool.setValue(Tool.NONE);
        tool.valueProperty().addListener((o, before, now) -> sheet.tool().brushWith(brushFor(now)));
        brush.setPrefColumnCount(7);
        row("backdrop.tolerance", tolerance);
        row("backdrop.softness", softness);
        row(pockets);
        row("backdrop.tool", tool);
        row("backdrop.brush", brush);
        Button whole = new Button(Words.of("backdrop.restore"));
        whole.setId("backdrop-restore");
        whole.getStyleClass().add("small");
        whole.setOnAction(e -> restore.run());
        row(whole);
        desk.bench().onChange(this::follow);
        sceneProperty().addListener((o, before, now) -> {
            if (now == null) {
                tool.setValue(Tool.NONE);
            }
        });
        follow();
    }

    /** Puts the brush down when no picture is selected, shows how the selected one was cleared, and the brush's size in the
     *  job's unit. */
    private void follow() {
        LengthUnit unit = desk.bench().job().unit();
        if (unit != shownUnit) {
            shownUnit = unit;
            brush.show(USUAL_BRUSH, unit);
        }
        Optional<OnPicture> picture = picture();
        if (picture.isEmpty()) {
            tool.setValue(Tool.NONE);
        }
        Optional<Cleared> now = picture.flatMap(on -> on.picture().cleared());
        if (now.isPresent() && !now.equals(figures)) {
            tolerance.setValue(now.get().how().tolerance());
            softness.setValue(now.get().how().softness());
            pockets.setSelected(now.get().how().pockets());
        }
        figures = now;
    }

    private Optional<OnPicture> picture() {
        List<Located> selected = desk.bench().selected();
        return selected.size() == 1 ? OnPicture.of(selected.getFirst()) : Optional.empty();
    }

    private Optional<SheetBrush> brushFor(Tool chosen) {
        return chosen == Tool.NONE ? Optional.empty() : Optional.of(new Brush(chosen));
    }

    /** A brush that clears anew with each of its strokes. */
    private final class Brush implements SheetBrush {
        private final Tool kind;

        Brush(Tool kind) {
            this.kind = kind;
        }

        @Override
        public double radius() {
            try {
                return kind == Tool.CLICK ? 0 : brush.mm(desk.bench().job().unit());
            } catch (Refusal e) {
                return USUAL_BRUSH;
            }
        }

        @Override
        public String style() {
            return "brush-" + kind.name().toLowerCase(java.util.Locale.ROOT);
        }

        @Override
        public void stroke(List<Point> points) {
            picture().ifPresent(on -> {
                BackdropSettings now = figures(on.picture());
                BackdropSettings next = kind == Tool.CLICK
                        ? on.withClick(now, points.getFirst())
                        : on.withStroke(now, kind == Tool.KEEP, radius(), points);
                ClearBackdrop clearing = new ClearBackdrop(List.of(on.picture().id()), next);
                preview.propose(() -> Optional.of(draft(clearing)));
                edits.make(clearing, preview::end);
            });
        }
    }

    /** What the figures say, with the clicks and strokes that a picture has had. */
    private BackdropSettings figures(PictureElement picture) {
        return picture.cleared()
                .map(Cleared::how)
                .orElse(USUAL)
                .withFigures(tolerance.value(), softness.value(), pockets.isSelected());
    }

    /** On smaller copies: full pictures take their time. */
    private Proposal draft(ClearBackdrop clearing) {
        return Proposal.like(job -> ClearingDraft.of(job, clearing, desk.pictures()));
    }

    @Override
    Optional<Proposal> proposal() {
        return clearing().map(this::draft);
    }

    @Override
    Optional<Operation> operation() {
        return clearing().map(Operation.class::cast);
    }

    private Optional<ClearBackdrop> clearing() {
        List<PictureElement> pictures = desk.bench().selected().stream()
                .map(Located::element)
                .filter(PictureElement.class::isInstance)
                .map(PictureElement.class::cast)
                .toList();
        if (pictures.isEmpty()) {
            return Optional.empty();
        }
        BackdropSettings settings = pictures.size() == 1
                ? figures(pictures.getFirst())
                : USUAL.withFigures(tolerance.value(), softness.value(), pockets.isSelected());
        List<ElementId> ids = pictures.stream().map(PictureElement::id).toList();
        return Optional.of(new ClearBackdrop(ids, settings));
    }
}
