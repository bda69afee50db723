package rondel.bench.soak;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.StreamSupport;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import javafx.stage.Window;
import rondel.bench.SheetPointer;
import rondel.desktop.app.BenchWindow;
import rondel.desktop.command.Command;
import rondel.desktop.files.DemoJobs;
import rondel.desktop.model.Bench;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;

/** Somebody at the window who does one thing after another without a plan. */
final class Person {

    /** They write files, or end the window. */
    private static final Set<String> LEAVING = Set.of(
            "new",
            "open",
            "save",
            "saveAs",
            "export",
            "place",
            "addFonts",
            "shelve",
            "history",
            "close",
            "quit",
            "versions");

    static final List<String> STAGES = List.of("stageCompose", "stageLines", "stageGang", "stageRun", "stageHandOff");

    /** After so many things, dialogs that stand open beside the window are closed, and another job is opened. */
    private static final int A_WHILE = 120;

    private final BenchWindow window;
    private final Bench bench;
    private final Stage stage;
    private final Random random;
    private final SheetPointer pointer;
    private int made;
    private String last = "nothing";

    Person(BenchWindow window, Bench bench, Stage stage, long seed) {
        this.window = window;
        this.bench = bench;
        this.stage = stage;
        this.random = new Random(seed);
        this.pointer = new SheetPointer(window);
    }

    /** What was done last. */
    String last() {
        return last;
    }

    /** Closes what stands open, and goes back to the first stage. */
    void rest() {
        last = "rest";
        closeOthers();
        for (int i = 0; i < 3; i++) {
            key(KeyCode.ESCAPE);
        }
        window.commands().get("stageCompose").run();
    }

    void doSomething() {
        if (made++ % A_WHILE == 0) {
            closeOthers();
            List<DemoJobs.DemoJob> demos = DemoJobs.all();
            DemoJobs.DemoJob demo = demos.get(random.nextInt(demos.size()));
            last = "open " + demo.name();
            bench.open(demo.read(), Optional.empty());
            return;
        }
        int choice = random.nextInt(100);
        if (choice < 35) {
            command();
        } else if (choice < 55) {
            select();
        } else if (choice < 72) {
            drag();
        } else if (choice < 82) {
            travel();
        } else if (choice < 88) {
            stage(STAGES.get(random.nextInt(STAGES.size())));
        } else if (choice < 94) {
            type();
        } else {
            look();
        }
    }

    private void command() {
        List<Command> able = StreamSupport.stream(window.commands().all().spliterator(), false)
                .filter(c -> !LEAVING.contains(c.id()) && !c.id().startsWith("demo-"))
                .filter(c -> c.enabled().getAsBoolean())
                .toList();
        Command command = able.get(random.nextInt(able.size()));
        last = "command " + command.id();
        command.run();
    }

    private void select() {
        List<Element> level = bench.level();
        List<ElementId> some = new ArrayList<>();
        for (int k = random.nextInt(5); k > 0 && !level.isEmpty(); k--) {
            some.add(level.get(random.nextInt(level.size())).id());
        }
        last = "select " + some;
        bench.select(some);
    }

    private void drag() {
        Point from = somewhere();
        last = "drag from " + from;
        pointer.fire(MouseEvent.MOUSE_PRESSED, from);
        for (int i = 1; i <= 6; i++) {
            pointer.fire(
                    MouseEvent.MOUSE_DRAGGED, from.plus(i * (random.nextInt(30) - 15), i * (random.nextInt(30) - 15)));
        }
        pointer.fire(MouseEvent.MOUSE_RELEASED, from.plus(10, 10));
    }

    private Point somewhere() {
        return new Point(
                random.nextDouble() * window.sheet().getWidth(),
                random.nextDouble() * window.sheet().getHeight());
    }

    private void travel() {
        boolean back = random.nextInt(3) != 0;
        last = back ? "undo" : "redo";
        for (int i = random.nextInt(6); i >= 0; i--) {
            if (back) {
                bench.undo();
            } else {
                bench.redo();
            }
        }
    }

    /** Goes to a stage. */
    void stage(String command) {
        last = command;
        window.commands().get(command).run();
    }

    private void type() {
        last = "type";
        for (char c : "tide 12".toCharArray()) {
            focused(new KeyEvent(
                    KeyEvent.KEY_TYPED, String.valueOf(c), "", KeyCode.UNDEFINED, false, false, false, false));
        }
        key(random.nextBoolean() ? KeyCode.ENTER : KeyCode.ESCAPE);
        key(random.nextBoolean() ? KeyCode.TAB : KeyCode.RIGHT);
    }

    private void look() {
        last = "look";
        window.sheet().look(window.sheet().viewport().panned(random.nextInt(200) - 100, random.nextInt(200) - 100));
    }

    private void key(KeyCode code) {
        focused(new KeyEvent(KeyEvent.KEY_PRESSED, "", code.getName(), code, false, false, false, false));
        focused(new KeyEvent(KeyEvent.KEY_RELEASED, "", code.getName(), code, false, false, false, false));
    }

    private void focused(KeyEvent event) {
        Optional.ofNullable(window.getScene().getFocusOwner()).ifPresent(n -> n.fireEvent(event));
    }

    private void closeOthers() {
        List.copyOf(Window.getWindows()).stream().filter(w -> w != stage).forEach(Window::hide);
    }
}
