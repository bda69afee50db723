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
        add("new", "Shortcut+N", always(), files::newJob);
        add("open", "Shortcut+O", always(), files::open);
        DemoJobs.all().forEach(d -> add("demo-" + d.name(), "", always(), () -> files.openDemo(d)));
        add("start", "", always(), () -> starting.run());
        add("close", "Shortcut+W", always(), files::closeWindow);
        add("quit", "Shortcut+Q", always(), files::quit);
        add("save", "Shortcut+S", always(), files::save);
        add("saveAs", "Shortcut+Shift+S", always(), files::saveAs);
        add("place", "Shortcut+I", always(), files.artwork()::place);
        add("fillIn", "Shortcut+Shift+F", always(), files.artwork()::fillIn);
        add("shelve", "", this::anySelected, shelf::shelve);
        add(
                "addText",
                "Shortcut+T",
                always(),
                () -> texts.add(sheet.middle(), () -> {
                    sheet.requestFocus();
                    inPlace.openAll();
                }));
        add("editText", "F2", this::oneText, () -> {
            sheet.requestFocus();
            inPlace.openAll();
        });
        add("glyphs", "Shortcut+J", this::oneText, () -> texts.glyphs(questions::glyph));
        add("letters", "Shortcut+Shift+J", this::oneText, letters::open);
        add("textOnOutline", "", this::textAndShape, texts::onOutline);
        add("textStraight", "", this::oneText, () -> texts.change(l -> l.withPath(Optional.empty())));
        add("addFonts", "", always(), () -> texts.addFonts(files.artwork().fontsToAdd()));
        add("export", "Shortcut+E", always(), files::export);
        add("ask", "Shortcut+K", always(), () -> asking.run());
        add("keySheet", "F1", always(), () -> showingKeys.run());
        add("undo", "Shortcut+Z", bench::canUndo, bench::undo);
        add("redo", "Shortcut+Shift+Z", bench::canRedo, bench::redo);
        add("copy", "Shortcut+C", this::anySelected, clip::copy);
        add("cut", "Shortcut+X", this::anySelected, clip::cut);
        add("paste", "Shortcut+V", always(), clip::paste);
        add("pasteInPlace", "Shortcut+Shift+V", always(), clip::pasteInPlace);
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
        new RoleCommands(this, desk, questions).add();
        stageCommands();
        add("fit", "Shortcut+0", always(), sheet::fit);
        add("trueSize", "Shortcut+1", always(), sheet::trueSize);
        add("zoomIn", "Shortcut+Equals", always(), () -> sheet.zoom(1.25));
        add("zoomOut", "Shortcut+Minus", always(), () -> sheet.zoom(0.8));
    }

    /** A command for each stage, with the key of its place. */
    private void stageCommands() {
        for (Stage stage : stages.all()) {
            int place = stages.all().indexOf(stage) + 1;
            add(stage.command(), "Shortcut+F" + place, always(), () -> stages.open(stage));
        }
    }

    private void sheets(JobActions files) {
        add("addSheet", "Shortcut+Shift+N", always(), files::addSheet);
        add("changeSheet", "Shortcut+Shift+M", always(), files::changeSheet);
        add(
                "removeSheet",
                "",
                this::severalSheets,
                () -> desk.perform(new RemoveSheet(bench.sheet().id())));
        add("nextSheet", "Shortcut+Page Down", this::severalSheets, () -> turnTo(1));
        add("previousSheet", "Shortcut+Page Up", this::severalSheets, () -> turnTo(-1));
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
        add("delete", "Delete", this::anySelected, () -> {
            if (points.picked().isPresent()) {
                points.remove();
            } else {
                desk.perform(new Delete(bench.selectedIds()));
            }
        });
        operation("duplicate", "Shortcut+D", ids -> {
            double step = bench.job().unit().coarseNudge();
            return new Duplicate(ids, step, step);
        });
        add("selectAll", "Shortcut+A", always(), bench::selectAll);
        add("deselect", "", this::anySelected, bench::selectNothing);
        add(
                "stepIn",
                "Enter",
                this::oneGroup,
                () -> bench.stepInto(bench.selectedIds().getFirst()));
        add("stepOut", "Esc", () -> letters.isOpen() || points.isOpen() || bench.depth() > 0 || anySelected(), () -> {
            if (letters.isOpen()) {
                letters.close();
            } else if (points.isOpen()) {
                points.close();
            } else {
                stepOut();
            }
        });
        operation("group", "Shortcut+G", ids -> new Group(ids, ""));
        add("ungroup", "Shortcut+Shift+G", this::anyGroup, () -> desk.perform(new Ungroup(bench.selectedIds(), false)));
        add("ungroupAll", "", this::anyGroup, () -> desk.perform(new Ungroup(bench.selectedIds(), true)));
        operation("hide", "Shortcut+B", ids -> new Hide(ids, true));
        operation("lock", "Shortcut+L", ids -> new Lock(ids, true));
        add(
                "showAll",
                "Shortcut+Shift+H",
                () -> any(Element::hidden),
                () -> desk.perform(new Hide(ids(Element::hidden), false)));
        add(
                "unlockAll",
                "Shortcut+Shift+L",
                () -> any(Element::locked),
                () -> desk.perform(new Lock(ids(Element::locked), false)));
    }

    private void arranging(PointChoice points) {
        operation("raise", "Shortcut+Close Bracket", Raise::new);
        operation("lower", "Shortcut+Open Bracket", Lower::new);
        operation("toFront", "Shortcut+Shift+Close Bracket", ToFront::new);
        operation("toBack", "Shortcut+Shift+Open Bracket", ToBack::new);
        operation("turnRight", "Shortcut+R", ids -> new Rotate(ids, 90, Anchor.CENTRE));
        operation("turnLeft", "Shortcut+Shift+R", ids -> new Rotate(ids, -90, Anchor.CENTRE));
        operation("flipAcross", "Alt+Shift+H", ids -> new Flip(ids, Axis.HORIZONTAL));
        operation("flipDown", "Alt+Shift+V", ids -> new Flip(ids, Axis.VERTICAL));
        nudge(points, "nudgeLeft", "Left", -1, 0);
        nudge(points, "nudgeRight", "Right", 1, 0);
        nudge(points, "nudgeUp", "Up", 0, -1);
        nudge(points, "nudgeDown", "Down", 0, 1);
    }

    private void nudge(PointChoice points, String id, String key, int across, int down) {
        add(id, key, this::anySelected, () -> nudge(points, bench.job().unit().fineNudge(), across, down));
        add(
                id + "Far",
                "Shift+" + key,
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

    private void operation(String id, String keys, Function<List<ElementId>, Operation> make) {
        add(id, keys, this::anySelected, () -> desk.perform(make.apply(bench.selectedIds())));
    }

    void put(String id, String keys, BooleanSupplier enabled, Runnable action) {
        add(id, keys, enabled, action);
    }

    private void add(String id, String keys, BooleanSupplier enabled, Runnable action) {
        BooleanSupplier here =
                CommandScope.isOfEveryStage(id) ? enabled : () -> stages.get().showsSheet() && enabled.getAsBoolean();
        all.put(id, Command.of(id, keys, here, action));
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
