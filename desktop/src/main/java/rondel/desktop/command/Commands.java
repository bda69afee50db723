package rondel.desktop.command;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import javafx.scene.input.KeyEvent;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Duplicate;
import rondel.compose.arrange.Flip;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Hide;
import rondel.compose.arrange.Lock;
import rondel.compose.arrange.Lower;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Raise;
import rondel.compose.arrange.Rotate;
import rondel.compose.arrange.ToBack;
import rondel.compose.arrange.ToFront;
import rondel.compose.arrange.Ungroup;
import rondel.compose.sheets.RemoveSheet;
import rondel.desktop.clip.ClipboardActions;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.compose.shelf.ShelfActions;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.compose.text.TextInPlace;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.DemoJobs;
import rondel.desktop.files.JobActions;
import rondel.desktop.files.Questions;
import rondel.desktop.lines.making.BackgroundEdits;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Stage;
import rondel.desktop.model.StageChoice;
import rondel.desktop.sheet.SheetView;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.TextElement;
import rondel.operation.Operation;

/** Every command of the window, by its id. Menus, keys and buttons all take theirs from here. */
public final class Commands {

    private final Map<String, Command> all = new LinkedHashMap<>();
    private final StageChoice stages;
    private final Desk desk;
    private final Bench bench;

    /** Opens the ask field, which is made of the commands and comes after them. */
    private Runnable asking = () -> {};

    private Runnable showingKeys = () -> {};
    private Runnable starting = () -> {};
    private Runnable turningLeft = () -> {};
    private Runnable turningRight = () -> {};

    public Commands(
            Desk desk,
            SheetView sheet,
            JobActions files,
            Questions questions,
            TextEdits texts,
            LetterChoice letters,
            TextInPlace inPlace,
            PointChoice points,
            ClipboardActions clip,
            ShelfActions shelf,
            StageChoice stages,
            BackgroundEdits edits) {
        this.desk = desk;
        this.bench = desk.bench();
        this.stages = stages;
        add("new", always(), files::newJob);
        add("open", always(), files::open);
        DemoJobs.all().forEach(d -> add("demo-" + d.name(), always(), () -> files.openDemo(d)));
        add("start", always(), () -> starting.run());
        add("close", always(), files::closeWindow);
        add("quit", always(), files::quit);
        add("save", always(), files::save);
        add("saveAs", always(), files::saveAs);
        add("place", always(), files.artwork()::place);
        add("fillIn", always(), files.artwork()::fillIn);
        add("shelve", this::anySelected, shelf::shelve);
        add(
                "addText",
                always(),
                () -> texts.add(sheet.middle(), () -> {
                    sheet.requestFocus();
                    inPlace.openAll();
                }));
        add("editText", this::oneText, () -> {
            sheet.requestFocus();
            inPlace.openAll();
        });
        add("glyphs", this::oneText, () -> texts.glyphs(questions::glyph));
        add("letters", this::oneText, letters::open);
        add("textOnOutline", this::textAndShape, texts::onOutline);
        add("textStraight", this::oneText, () -> texts.change(l -> l.withPath(Optional.empty())));
        add("addFonts", always(), () -> texts.addFonts(files.artwork().fontsToAdd()));
        add("export", always(), files::export);
        add("ask", always(), () -> asking.run());
        add("leftSide", always(), () -> turningLeft.run());
        add("rightSide", always(), () -> turningRight.run());
        add("keySheet", always(), () -> showingKeys.run());
        add("undo", bench::canUndo, bench::undo);
        add("redo", bench::canRedo, bench::redo);
        add("copy", this::anySelected, clip::copy);
        add("cut", this::anySelected, clip::cut);
        add("paste", always(), clip::paste);
        add("pasteInPlace", always(), clip::pasteInPlace);
        edits(letters, points);
        arranging(points);
        sheets(files);
        new SelectCommands(this, desk, points).add();
        new SpacingCommands(this, desk, questions).add();
        new SlotCommands(this, desk, files).add();
        new TryOutCommands(this, desk, questions).add();
        new ColourCommands(this, desk, sheet, questions).add();
        new LinesCommands(this, desk, edits).add();
        new ShapeCommands(this, desk, sheet).add();
        new PointCommands(this, desk, sheet, points).add();
        new SeeingCommands(this, sheet).add();
        new ShelfCommands(this, shelf).add();
        new RoleCommands(this, desk, questions).add();
        stageCommands();
        add("fit", always(), sheet::fit);
        add("trueSize", always(), sheet::trueSize);
        add("zoomIn", always(), () -> sheet.zoom(1.25));
        add("zoomOut", always(), () -> sheet.zoom(0.8));
    }

    /** A command for each stage, with the key of its place. */
    private void stageCommands() {
        for (Stage stage : stages.all()) {
            int place = stages.all().indexOf(stage) + 1;
            add(stage.command(), "Shortcut+F" + place, always(), () -> stages.open(stage));
        }
    }

    private void sheets(JobActions files) {
        add("addSheet", always(), files::addSheet);
        add("changeSheet", always(), files::changeSheet);
        add(
                "removeSheet",
                this::severalSheets,
                () -> desk.perform(new RemoveSheet(bench.sheet().id())));
        add("nextSheet", this::severalSheets, () -> turnTo(1));
        add("previousSheet", this::severalSheets, () -> turnTo(-1));
    }

    private boolean severalSheets() {
        return bench.job().sheets().size() > 1;
    }

    private void turnTo(int step) {
        List<Sheet> sheets = bench.job().sheets();
        bench.show(sheets.get(Math.floorMod(sheets.indexOf(bench.sheet()) + step, sheets.size()))
                .id());
    }

    private void edits(LetterChoice letters, PointChoice points) {
        add("delete", this::anySelected, () -> {
            if (points.picked().isPresent()) {
                points.remove();
            } else {
                desk.perform(new Delete(bench.selectedIds()));
            }
        });
        operation("duplicate", ids -> {
            double step = bench.job().unit().coarseNudge();
            return new Duplicate(ids, step, step);
        });
        add("selectAll", always(), bench::selectAll);
        add("deselect", this::anySelected, bench::selectNothing);
        add("stepIn", this::oneGroup, () -> bench.stepInto(bench.selectedIds().getFirst()));
        add("stepOut", () -> letters.isOpen() || points.isOpen() || bench.depth() > 0 || anySelected(), () -> {
            if (letters.isOpen()) {
                letters.close();
            } else if (points.isOpen()) {
                points.close();
            } else {
                stepOut();
            }
        });
        operation("group", ids -> new Group(ids, ""));
        add("ungroup", this::anyGroup, () -> desk.perform(new Ungroup(bench.selectedIds(), false)));
        add("ungroupAll", this::anyGroup, () -> desk.perform(new Ungroup(bench.selectedIds(), true)));
        operation("hide", ids -> new Hide(ids, true));
        operation("lock", ids -> new Lock(ids, true));
        add("showAll", () -> any(Element::hidden), () -> desk.perform(new Hide(ids(Element::hidden), false)));
        add("unlockAll", () -> any(Element::locked), () -> desk.perform(new Lock(ids(Element::locked), false)));
    }

    private void arranging(PointChoice points) {
        operation("raise", Raise::new);
        operation("lower", Lower::new);
        operation("toFront", ToFront::new);
        operation("toBack", ToBack::new);
        operation("turnRight", ids -> new Rotate(ids, 90, Anchor.CENTRE));
        operation("turnLeft", ids -> new Rotate(ids, -90, Anchor.CENTRE));
        operation("flipAcross", ids -> new Flip(ids, Axis.HORIZONTAL));
        operation("flipDown", ids -> new Flip(ids, Axis.VERTICAL));
        nudge(points, "nudgeLeft", -1, 0);
        nudge(points, "nudgeRight", 1, 0);
        nudge(points, "nudgeUp", 0, -1);
        nudge(points, "nudgeDown", 0, 1);
    }

    private void nudge(PointChoice points, String id, int across, int down) {
        add(id, this::anySelected, () -> nudge(points, bench.job().unit().fineNudge(), across, down));
        add(
                id + "Far",
                this::anySelected,
                () -> nudge(points, bench.job().unit().coarseNudge(), across, down));
    }

    private void nudge(PointChoice points, double step, int across, int down) {
        if (points.picked().isPresent()) {
            points.nudge(across * step, down * step);
        } else {
            desk.perform(new Move(bench.selectedIds(), across * step, down * step));
        }
    }

    /** What asking for a command does. */
    public void onAsk(Runnable opens) {
        asking = opens;
    }

    /** What asking for the start screen does. */
    public void onStart(Runnable opens) {
        starting = opens;
    }

    /** What putting away a side does, or bringing it back. */
    public void onSides(Runnable left, Runnable right) {
        turningLeft = left;
        turningRight = right;
    }

    /** What asking for the keys does. */
    public void onKeys(Runnable shows) {
        showingKeys = shows;
    }

    public Command get(String id) {
        Command found = all.get(id);
        if (found == null) {
            throw new IllegalArgumentException(id);
        }
        return found;
    }

    /** The stages that there are. */
    public List<Stage> stages() {
        return stages.all();
    }

    /** The command that a key means. */
    public Optional<Command> matching(KeyEvent e) {
        return all.values().stream()
                .filter(c -> c.keys().filter(k -> k.match(e)).isPresent())
                .findFirst();
    }

    public Iterable<Command> all() {
        return all.values();
    }

    private void stepOut() {
        if (bench.depth() > 0) {
            bench.stepOut(bench.depth() - 1);
        } else {
            bench.selectNothing();
        }
    }

    private void operation(String id, Function<List<ElementId>, Operation> make) {
        add(id, this::anySelected, () -> desk.perform(make.apply(bench.selectedIds())));
    }

    void put(String id, BooleanSupplier enabled, Runnable action) {
        add(id, enabled, action);
    }

    private void add(String id, BooleanSupplier enabled, Runnable action) {
        add(id, CommandTable.row(id).map(CommandTable.Row::keys).orElse(""), enabled, action);
    }

    private void add(String id, String keys, BooleanSupplier enabled, Runnable action) {
        BooleanSupplier here =
                CommandScope.isOfEveryStage(id) ? enabled : () -> stages.get().showsSheet() && enabled.getAsBoolean();
        all.put(id, Command.of(id, keys, here, action));
    }

    /** The commands that open a demo job. */
    List<Command> demos() {
        return all.values().stream().filter(c -> c.id().startsWith("demo-")).toList();
    }

    private static BooleanSupplier always() {
        return () -> true;
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }

    private boolean oneGroup() {
        return desk.onlySelected().filter(GroupElement.class::isInstance).isPresent();
    }

    private boolean oneText() {
        return desk.onlySelected().filter(TextElement.class::isInstance).isPresent();
    }

    private boolean textAndShape() {
        List<Element> selected = bench.selected().stream().map(l -> l.element()).toList();
        return selected.size() == 2
                && selected.stream().anyMatch(TextElement.class::isInstance)
                && selected.stream().anyMatch(ShapeElement.class::isInstance);
    }

    private boolean anyGroup() {
        return bench.selected().stream().anyMatch(l -> l.element() instanceof GroupElement);
    }

    private boolean any(java.util.function.Predicate<Element> test) {
        return bench.level().stream().anyMatch(test);
    }

    private List<ElementId> ids(java.util.function.Predicate<Element> test) {
        return bench.level().stream().filter(test).map(Element::id).toList();
    }
}
