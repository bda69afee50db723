package rondel.desktop.command;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyEvent;
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
import rondel.desktop.gang.planning.GangActions;
import rondel.desktop.handoff.making.HandOffActions;
import rondel.desktop.lines.making.BackgroundEdits;
import rondel.desktop.look.Theme;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Stage;
import rondel.desktop.model.StageChoice;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.sheet.SheetView;
import rondel.job.Element;
import rondel.job.ShapeElement;
import rondel.job.TextElement;

/** Every command of the window, by its id. Menus, keys and buttons all take theirs from here. */
public final class Commands {

    private final Map<String, Command> all = new LinkedHashMap<>();
    private final KeyChoice keyChoice = new KeyChoice();
    private final StageChoice stages;
    private final Desk desk;
    private final Bench bench;

    /** What commands do whose part of the window comes after them. */
    private final Map<String, Runnable> later = new HashMap<>();

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
            BackgroundEdits edits,
            GangActions ganging,
            RunActions run,
            HandOffActions handOff) {
        this.desk = desk;
        this.bench = desk.bench();
        this.stages = stages;
        add("new", always(), files::newJob);
        add("open", always(), files::open);
        DemoJobs.all().forEach(d -> add("demo-" + d.name(), always(), () -> files.openDemo(d)));
        later("start");
        add("close", always(), files::closeWindow);
        add("quit", always(), files::quit);
        add("save", always(), files::save);
        add("saveAs", always(), files::saveAs);
        add("versions", () -> desk.bench().file().isPresent(), files.earlier()::versions);
        add("versionsBeside", () -> desk.bench().file().isPresent(), files.earlier()::moveVersions);
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
        add("addFonts", always(), () -> texts.fonts().add(files.artwork().fontsToAdd()));
        add("export", always(), files.exports()::export);
        later("ask");
        later("leftSide");
        later("rightSide");
        later("keySheet");
        later("preferences");
        later("guide");
        later("notices");
        later("about");
        later("report");
        later("nextPart");
        later("previousPart");
        add("undo", bench::canUndo, bench::undo);
        add("redo", bench::canRedo, bench::redo);
        add("history", () -> bench.canUndo() || bench.canRedo(), files.earlier()::history);
        add("copy", this::anySelected, clip::copy);
        add("cut", this::anySelected, clip::cut);
        add("paste", always(), clip::paste);
        add("pasteInPlace", always(), clip::pasteInPlace);
        new ArrangeCommands(this, desk, letters, points).add();
        new SheetCommands(this, desk, files).add();
        new SelectCommands(this, desk, points).add();
        new SpacingCommands(this, desk, questions).add();
        new SlotCommands(this, desk, files).add();
        new TryOutCommands(this, desk, questions).add();
        new ColourCommands(this, desk, sheet, questions).add();
        new LinesCommands(this, desk, edits).add();
        new GangCommands(this, desk, ganging).add();
        new RunCommands(this, run).add();
        new SewingCommands(this, run.sewing()).add();
        new HandOffCommands(this, handOff).add();
        later("playRoute");
        for (Theme theme : Theme.values()) {
            later("theme-" + theme);
        }
        new ShapeCommands(this, desk, sheet).add();
        new PointCommands(this, desk, sheet, points).add();
        new SeeingCommands(this, sheet, desk.preferred()).add();
        new ShelfCommands(this, shelf).add();
        new RoleCommands(this, desk, questions).add();
        stageCommands();
        looking("fit", sheet::fit);
        looking("trueSize", sheet::trueSize);
        looking("zoomIn", () -> sheet.zoom(1.25));
        looking("zoomOut", () -> sheet.zoom(0.8));
    }

    /** A command for each stage, with the key of its place. */
    private void stageCommands() {
        for (Stage stage : stages.all()) {
            int place = stages.all().indexOf(stage) + 1;
            String keys = CommandTable.row(stage.command())
                    .map(CommandTable.Row::keys)
                    .orElse("Shortcut+F" + place);
            add(stage.command(), keys, always(), () -> stages.open(stage));
        }
    }

    /** A command about how one looks at the sheet; where a stage has a middle of its own, at that. */
    private void looking(String id, Runnable atSheet) {
        add(id, always(), () -> {
            Runnable own = stages.get().showsSheet() ? null : later.get(id);
            (own == null ? atSheet : own).run();
        });
    }

    /** Says what a command does whose part of the window comes after the commands. */
    public void meaning(String id, Runnable action) {
        later.put(id, action);
    }

    /** A command that does nothing until its part of the window is there. */
    private void later(String id) {
        later.put(id, () -> {});
        add(id, always(), () -> later.get(id).run());
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

    /** Which key means which command. */
    public KeyChoice keys() {
        return keyChoice;
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

    void put(String id, BooleanSupplier enabled, Runnable action) {
        add(id, enabled, action);
    }

    private void add(String id, BooleanSupplier enabled, Runnable action) {
        add(id, CommandTable.row(id).map(CommandTable.Row::keys).orElse(""), enabled, action);
    }

    private void add(String id, String keys, BooleanSupplier enabled, Runnable action) {
        BooleanSupplier here =
                CommandScope.isOfEveryStage(id) ? enabled : () -> stages.get().showsSheet() && enabled.getAsBoolean();
        keyChoice.usual(id, keys);
        all.put(id, new Command(id, keyChoice, here, action));
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

    private boolean oneText() {
        return desk.onlySelected().filter(TextElement.class::isInstance).isPresent();
    }

    private boolean textAndShape() {
        List<Element> selected = bench.selected().stream().map(l -> l.element()).toList();
        return selected.size() == 2
                && selected.stream().anyMatch(TextElement.class::isInstance)
                && selected.stream().anyMatch(ShapeElement.class::isInstance);
    }
}
