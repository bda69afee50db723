package rondel.desktop.app;

import java.io.IOException;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import rondel.desktop.ask.AskField;
import rondel.desktop.ask.KeySheet;
import rondel.desktop.bar.HandStrip;
import rondel.desktop.bar.StatusBar;
import rondel.desktop.bar.TopBar;
import rondel.desktop.clip.ClipboardActions;
import rondel.desktop.command.Commands;
import rondel.desktop.command.HandTable;
import rondel.desktop.command.Menus;
import rondel.desktop.command.SelectionMenu;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.compose.shelf.ShelfActions;
import rondel.desktop.compose.shelf.ShelfModel;
import rondel.desktop.compose.shelf.ShelfView;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.compose.text.TextInPlace;
import rondel.desktop.desk.Derived;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.LibraryModel;
import rondel.desktop.desk.Progress;
import rondel.desktop.files.Autosave;
import rondel.desktop.files.FileChoices;
import rondel.desktop.files.JobActions;
import rondel.desktop.gang.planning.GangActions;
import rondel.desktop.gang.planning.GangModel;
import rondel.desktop.gang.planning.NestRefresh;
import rondel.desktop.gang.planning.NestRun;
import rondel.desktop.handoff.making.HandOffActions;
import rondel.desktop.handoff.making.HandOffModel;
import rondel.desktop.handoff.making.ShopChoice;
import rondel.desktop.help.GuidePage;
import rondel.desktop.lines.FindingMarks;
import rondel.desktop.lines.FindingsModel;
import rondel.desktop.lines.making.BackgroundEdits;
import rondel.desktop.lines.making.FillingRun;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.look.Appearance;
import rondel.desktop.model.Change;
import rondel.desktop.model.SelectionBox;
import rondel.desktop.model.Stage;
import rondel.desktop.model.StageChoice;
import rondel.desktop.run.running.MaterialChoice;
import rondel.desktop.run.running.Printing;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.Sending;
import rondel.desktop.run.running.SewingActions;
import rondel.desktop.run.running.TapeSending;
import rondel.desktop.run.running.ThreadChoice;
import rondel.desktop.sheet.SheetMark;
import rondel.desktop.sheet.SheetView;
import rondel.desktop.stack.StackView;
import rondel.desktop.stage.Side;
import rondel.desktop.stage.StageView;
import rondel.devices.printer.PrinterScales;
import rondel.devices.shop.ShopTokens;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.MaterialLibrary;
import rondel.formats.job.StockLibrary;
import rondel.formats.job.ThreadLibrary;
import rondel.formats.preferences.Preferences;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.Shelf;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.lines.check.Finding;

/** The whole window: shelf, sheet, measure, stack, and the bars above and below. */
public final class BenchWindow extends StackPane {

    /** How wide the sides are at first, in px. */
    private static final double LEFT = 238;

    private static final double RIGHT = 258;

    private final Desk desk;
    private final SheetView sheet;
    private final ShelfView shelf;
    private final ShelfModel shelfModel;
    private final StageChoice stages;
    private final FindingsModel findings;
    private final NestRefresh refresh;
    private final Sending sending;
    private final TapeSending tapes;
    private final Appearance appearance;
    private final RunActions run;
    private final ShopChoice shop;
    private final HandOffActions handOff;
    private final Preview preview;
    private final Autosave autosave;
    private final WindowPreferences preferring;
    private final WindowHelp help;
    private final JobActions actions;
    private final Commands commands;
    private final Progress progress;
    private final Side left = new Side(true, LEFT);
    private final Side right = new Side(false, RIGHT);
    private final StackPane middle = new StackPane();

    private Optional<StageView> shown = Optional.empty();

    /** @param opening opens the shelf, off the toolkit's thread */
    public BenchWindow(
            Desk desk, FileChoices choices, WindowQuestions questions, ArtworkReader reader, Supplier<Shelf> opening) {
        this(desk, choices, questions, reader, opening, StageEntry.ALL);
    }

    BenchWindow(
            Desk desk,
            FileChoices choices,
            WindowQuestions questions,
            ArtworkReader reader,
            Supplier<Shelf> opening,
            List<StageEntry> entries) {
        this.desk = desk;
        stages = new StageChoice(entries.stream().map(StageEntry::stage).toList());
        progress = new Progress(desk.workers(), desk.notices());
        actions = new JobActions(desk, choices, questions, reader, progress);
        sheet = new SheetView(desk);
        TextEdits texts = new TextEdits(desk, progress, reader.fonts());
        shelfModel = new ShelfModel(opening, desk.workers(), desk.notices());
        ShelfActions shelfActions = new ShelfActions(desk, shelfModel, questions);
        LetterChoice letters = new LetterChoice(desk, texts);
        sheet.offer(letters);
        PointChoice points = new PointChoice(desk);
        sheet.offer(points);
        TextInPlace inPlace = new TextInPlace(desk, texts);
        sheet.offer(inPlace);
        preview = new Preview(desk, sheet);
        BackgroundEdits edits = new BackgroundEdits(desk, progress, new FillingRun(desk, progress, sheet), preview);
        ClipboardActions clip = new ClipboardActions(desk, progress, reader, actions.artwork(), texts, sheet::middle);
        GangModel gang = new GangModel(desk);
        NestRun nest = new NestRun(desk, progress);
        refresh = new NestRefresh(desk, nest);
        GangActions ganging = new GangActions(gang, progress, reader.fonts(), questions);
        RunModel passes = new RunModel(desk);
        sending = new Sending(passes);
        tapes = new TapeSending(passes);
        run = new RunActions(
                passes,
                sending,
                new Printing(desk, progress, questions, new PrinterScales(OwnFolders.printers())),
                new MaterialChoice(desk, new MaterialLibrary(OwnFolders.materials())),
                new SewingActions(
                        passes,
                        new ThreadChoice(desk, new ThreadLibrary(OwnFolders.threads())),
                        tapes,
                        progress,
                        questions),
                progress,
                questions);
        findings = new FindingsModel(desk, reader.fonts());
        shop = new ShopChoice(new ShopTokens(OwnFolders.shopTokens()), OwnFolders.shop());
        shop.address(desk.preferred().now().device(Preferences.SHOP));
        handOff = new HandOffActions(
                new HandOffModel(desk, reader.fonts(), findings::findings), shop, progress, questions);
        findings.onChange(handOff.model()::tell);
        commands = new Commands(
                desk,
                sheet,
                actions,
                questions,
                texts,
                letters,
                inPlace,
                points,
                clip,
                shelfActions,
                stages,
                edits,
                ganging,
                run,
                handOff);
        ShelfCarrying carrying = new ShelfCarrying(sheet, shelfModel, actions.artwork());
        ContextMenu onThing = new ContextMenu();
        shelfActions.onPlace(carrying::placed);
        shelf = new ShelfView(
                desk,
                shelfModel,
                shelfActions,
                reader,
                carrying,
                (card, x, y) -> Menus.show(onThing, commands, HandTable.ofShelf(), desk.notices()::refuse, card, x, y));
        addEventFilter(MouseEvent.MOUSE_DRAGGED, carrying::dragged);
        addEventFilter(MouseEvent.MOUSE_RELEASED, carrying::released);
        addEventFilter(MouseEvent.MOUSE_RELEASED, this::overShelf);
        StatusBar status = new StatusBar(desk, sheet, progress);
        BorderPane all = new BorderPane();
        all.setLeft(left);
        all.setRight(right);
        commands.meaning("leftSide", left::turn);
        commands.meaning("rightSide", right::turn);
        Derived<List<SheetMark>> marks = new Derived<>(desk.workers(), sheet::mark);
        Runnable marked = () -> {
            Job job = desk.bench().job();
            Sheet on = desk.bench().sheet();
            List<Finding> found = findings.findings();
            marks.of(List.of(on, found), () -> FindingMarks.of(job, on.id(), found));
        };
        findings.onChange(marked);
        desk.bench().on(EnumSet.of(Change.JOB, Change.SHEET), marked);
        MenuBar menus =
                new MenuBar(Menus.opening(commands, desk.notices()::refuse).toArray(Menu[]::new));
        menus.setId("menus");
        menus.setUseSystemMenuBar(true);
        HandStrip hand = new HandStrip(desk, commands, points);
        TopBar top = new TopBar(desk, commands, stages, findings);
        top.setId("top-bar");
        all.setTop(new VBox(menus, top, hand));
        middle.setId("middle");
        all.setCenter(middle);
        stages.onChange(() -> {
            hand.setVisible(stages.get().showsSheet());
            hand.setManaged(stages.get().showsSheet());
        });
        WindowParts parts = new WindowParts(
                desk,
                sheet,
                shelf,
                commands,
                texts,
                letters,
                points,
                findings,
                preview,
                edits,
                gang,
                nest,
                new LibraryModel<>(desk, new StockLibrary(OwnFolders.stocks())),
                run,
                handOff);
        Map<Stage, StageView> views = new HashMap<>();
        // Each is made when it is first opened: the window is there the sooner.
        Map<Stage, Function<WindowParts, StageView>> makers = new HashMap<>();
        entries.forEach(e -> makers.put(e.stage(), e.view()));
        Supplier<StageView> open =
                () -> views.computeIfAbsent(stages.get(), s -> makers.get(s).apply(parts));
        show(open.get());
        stages.onChange(() -> {
            show(open.get());
            marked.run();
        });
        StackView stack = new StackView(desk, commands);
        all.setBottom(new VBox(stack, status));
        AskField ask = new AskField(commands, shelfModel, shelfActions::place);
        commands.meaning("ask", ask::open);
        KeySheet keys = new KeySheet(commands);
        commands.meaning("keySheet", keys::open);
        help = new WindowHelp(this, desk, commands, progress, choices, () -> entries.stream()
                .filter(e -> e.stage().equals(stages.get()))
                .findFirst()
                .map(StageEntry::page)
                .orElse(GuidePage.FIRST_HOUR));
        getChildren().addAll(all, carrying.layer(), ask, keys);
        getChildren().addAll(help.cards());
        WindowWays ways = new WindowWays(List.of(top, hand, left, middle, right, stack));
        status.onNotice(commands.get("notices")::run);
        commands.meaning("nextPart", () -> ways.go(getScene().getFocusOwner(), true));
        commands.meaning("previousPart", () -> ways.go(getScene().getFocusOwner(), false));
        getStyleClass().add("bench");
        appearance = new Appearance(this);
        preferring = new WindowPreferences(this, desk, commands, menus, questions);
        autosave = new Autosave(desk, actions::autosave);
        addEventHandler(KeyEvent.KEY_PRESSED, new WindowKeys(commands, shelf)::key);
        sheet.whenSharp(() -> Platform.runLater(shelfModel::open));
        SelectionMenu.on(sheet, desk, commands);
        FileDrops.on(sheet, this, actions);
    }

    public SheetView sheet() {
        return sheet;
    }

    public ShelfView shelf() {
        return shelf;
    }

    /** The box around what is selected, as Measure says it. */
    public Optional<Box> measured() {
        return SelectionBox.upright(desk.bench().selected());
    }

    /** How it looks. */
    public Appearance appearance() {
        return appearance;
    }

    /** What helps. */
    WindowHelp help() {
        return help;
    }

    /** What saves by itself. */
    Autosave autosave() {
        return autosave;
    }

    /** Which stage is open. */
    StageChoice stages() {
        return stages;
    }

    public JobActions actions() {
        return actions;
    }

    /** What the Run stage does. */
    public RunActions run() {
        return run;
    }

    /** What the Hand off stage does. */
    public HandOffActions handOff() {
        return handOff;
    }

    public Commands commands() {
        return commands;
    }

    /** Whether nothing is being read, painted or written. */
    public boolean isIdle() {
        return desk.bench().isSettled()
                && desk.workers().isDerived()
                && progress.isIdle()
                && sheet.isSharp()
                && shelf.isLoaded()
                && findings.isIdle()
                && preview.isIdle()
                && !sending.isRunning()
                && !tapes.isRunning();
    }

    /** Runs an action once what was asked for is read and the sheet is painted. */
    void whenShown(Runnable action) {
        sheet.whenSharp(() -> Platform.runLater(() -> {
            if (progress.isIdle() && sheet.isSharp()) {
                action.run();
            } else {
                PauseTransition frame = new PauseTransition(Duration.millis(16));
                frame.setOnFinished(e -> whenShown(action));
                frame.play();
            }
        }));
    }

    private void show(StageView next) {
        shown.ifPresent(before -> before.left(next));
        shown = Optional.of(next);
        left.show(next.left());
        middle.getChildren().setAll(next.middle());
        right.show(next.right());
        next.entered();
    }

    /** Lets go of the shelf. */
    public void close() {
        preferring.close();
        help.guide().close();
        autosave.close();
        actions.close();
        findings.close();
        refresh.close();
        sending.close();
        tapes.close();
        closeShop();
        shelfModel.close();
    }

    private void closeShop() {
        try {
            shop.close();
        } catch (IOException e) {
            desk.notices().failed(e);
        }
    }

    /** A selection that is dropped on the shelf stays on the sheet, and goes on the shelf as a thing. */
    private void overShelf(MouseEvent e) {
        if (shelf.contains(shelf.sceneToLocal(e.getSceneX(), e.getSceneY())) && sheet.letGo()) {
            e.consume();
            Platform.runLater(commands.get("shelve")::run);
        }
    }
}
