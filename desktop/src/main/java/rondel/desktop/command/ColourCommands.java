package rondel.desktop.command;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.colour.ColourPick;
import rondel.colour.ColoursInUse;
import rondel.colour.SetPalette;
import rondel.colour.SetStops;
import rondel.compose.arrange.SetFill;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.Questions;
import rondel.desktop.model.Bench;
import rondel.desktop.sheet.SheetView;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.TextElement;
import rondel.paint.Painter;
import rondel.words.Words;

/** Commands about colour: taken from the sheet, put in the place of another, kept. */
final class ColourCommands {

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final SheetView sheet;
    private final Questions questions;

    ColourCommands(Commands all, Desk desk, SheetView sheet, Questions questions) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.sheet = sheet;
        this.questions = questions;
    }

    void add() {
        all.put("pickColour", this::anySelected, this::pick);
        all.put("recolour", () -> !bench.sheet().elements().isEmpty(), this::recolour);
        all.put("stops", () -> firstGradient().isPresent(), this::stops);
        all.put(
                "keepColours",
                () -> !bench.sheet().elements().isEmpty(),
                () -> desk.perform(new SetPalette(ColoursInUse.of(bench.sheet().elements().stream()).stream()
                        .limit(24)
                        .toList())));
    }

    private void pick() {
        desk.notices().say(Words.of("notice.pick"));
        sheet.tool().pointNext(this::picked);
    }

    private void picked(Point place) {
        Sheet seen = bench.sheet();
        Painter painter = new Painter(bench.job().media(), desk.pictures());
        desk.workers()
                .run(
                        () -> ColourPick.at(painter, seen, place),
                        colour -> desk.perform(new SetFill(bench.selectedIds(), Paint.solid(colour))),
                        desk.notices()::failed,
                        () -> {});
    }

    /** The stops of the first gradient in the selection. */
    private Optional<List<Paint.Stop>> firstGradient() {
        return bench.selected().stream()
                .flatMap(l -> GroupElement.everything(l.element()))
                .flatMap(e -> switch (e) {
                    case ShapeElement s -> s.fill().gradient().stream();
                    case TextElement t -> t.fill().gradient().stream();
                    default -> Stream.<List<Paint.Stop>>empty();
                })
                .findFirst();
    }

    private void stops() {
        firstGradient()
                .flatMap(questions::stops)
                .ifPresent(stops -> desk.perform(new SetStops(bench.selectedIds(), stops)));
    }

    private void recolour() {
        List<Element> about = bench.selected().stream().map(l -> l.element()).toList();
        Stream<Element> looked = about.isEmpty() ? bench.sheet().elements().stream() : about.stream();
        Rgba now = ColoursInUse.of(looked).stream().findFirst().orElse(Rgba.BLACK);
        questions.recolour(now, !about.isEmpty()).ifPresent(form -> desk.perform(form.operation(bench.selectedIds())));
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }
}
