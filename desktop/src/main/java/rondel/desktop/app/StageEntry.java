package rondel.desktop.app;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import javafx.scene.control.Accordion;
import javafx.scene.control.ScrollPane;
import rondel.desktop.compose.ComposeStage;
import rondel.desktop.compose.measure.MeasureView;
import rondel.desktop.gang.DesignsView;
import rondel.desktop.gang.GangStage;
import rondel.desktop.gang.PlanView;
import rondel.desktop.handoff.FilesView;
import rondel.desktop.handoff.HandOffSide;
import rondel.desktop.handoff.HandOffStage;
import rondel.desktop.handoff.SetsView;
import rondel.desktop.help.GuidePage;
import rondel.desktop.lines.LinesSides;
import rondel.desktop.lines.LinesStage;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Stage;
import rondel.desktop.run.MachineView;
import rondel.desktop.run.PassesView;
import rondel.desktop.run.RunMiddle;
import rondel.desktop.run.RunStage;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.stage.StageView;
import rondel.formats.shelf.ShelfQuery;

/** One stage of the work. {@link #ALL} is the list that everything reads: the window, its tabs, keys and menu, and the pictures
 *  of it.
 *
 * @param page of the guide that is about it
 * @param view makes what stands in the window while it is open
 * @param shots the pictures of it */
record StageEntry(Stage stage, GuidePage page, Function<WindowParts, StageView> view, List<StageShot> shots) {

    /** In the order of the work. */
    static final List<StageEntry> ALL = List.of(compose(), lines(), gang(), run(), handOff());

    private static StageEntry compose() {
        return new StageEntry(
                ComposeStage.STAGE,
                GuidePage.COMPOSE,
                w -> new ComposeStage(
                        w.shelf(),
                        w.sheet(),
                        new MeasureView(w.desk(), w.commands(), w.texts(), w.letters(), w.points(), w.sheet())),
                List.of(
                        new StageShot("compose", 0, "Middle"),
                        new StageShot("planner", 1, "Sticker 5"),
                        new StageShot("scrapbook", 2, "Photo on a mount"),
                        new StageShot("card", 3, "text"),
                        new StageShot("letters", 3, "text", window -> window.commands()
                                .get("letters")
                                .run()),
                        new StageShot("filling", 6, "Filling"),
                        new StageShot("shelf", 1, "", window -> window.shelf().look(ShelfQuery.of("anim")))));
    }

    private static StageEntry lines() {
        return new StageEntry(
                LinesStage.STAGE,
                GuidePage.LINES,
                w -> new LinesStage(
                        LinesSides.left(w.desk(), w.findings(), w.edits()),
                        w.sheet(),
                        LinesSides.right(w.desk(), w.commands(), w.preview(), w.edits(), w.sheet()),
                        w.preview()),
                List.of(
                        new StageShot("lines", 4, "Cut lines", window -> open(window, "pieces")),
                        new StageShot("halos", 5, "octopus", window -> open(window, "halo")),
                        new StageShot("sign", 7, "", window -> open(window, "shapes")),
                        new StageShot("backdrop", 8, "beach-finds", window -> open(window, "backdrop"))));
    }

    private static StageEntry gang() {
        return new StageEntry(
                GangStage.STAGE,
                GuidePage.GANG,
                w -> new GangStage(
                        w.gang(),
                        new DesignsView(w.gang(), w.commands()),
                        w.sheet(),
                        new PlanView(w.gang(), w.nest(), w.commands(), w.stocks())),
                List.of(
                        new StageShot("gang", 9, ""),
                        new StageShot("nest", 10, ""),
                        new StageShot("stickers-on-stock", 11, "")));
    }

    private static StageEntry run() {
        return new StageEntry(
                RunStage.STAGE,
                GuidePage.RUN,
                w -> {
                    RunMiddle middle = new RunMiddle(w.run());
                    w.commands().meaning("playRoute", () -> middle.picture().play());
                    w.commands().meaning("fit", () -> middle.picture().fit());
                    w.commands().meaning("trueSize", () -> middle.picture().trueSize());
                    w.commands().meaning("zoomIn", () -> middle.picture().zoom(1.25));
                    w.commands().meaning("zoomOut", () -> middle.picture().zoom(0.8));
                    return new RunStage(
                            w.run().model(),
                            new PassesView(w.run(), w.commands()),
                            middle,
                            new MachineView(w.run(), w.commands()));
                },
                List.of(
                        new StageShot(
                                "run",
                                12,
                                "",
                                window -> pass(window, 1, () -> window.commands()
                                        .get("sendPass")
                                        .run())),
                        new StageShot("run-stickers", 11, "", window -> {
                            Bench bench = window.run().model().desk().bench();
                            bench.show(bench.job().sheets().get(1).id());
                            pass(window, 2, () -> {});
                        }),
                        new StageShot("run-stitch", 13, "")));
    }

    private static StageEntry handOff() {
        return new StageEntry(
                HandOffStage.STAGE,
                GuidePage.HAND_OFF,
                w -> new HandOffStage(
                        w.handOff().model(),
                        new SetsView(w.handOff().model(), w.commands()),
                        new FilesView(w.handOff().model(), w.commands()),
                        new HandOffSide(w.handOff(), w.commands())),
                List.of(new StageShot(
                        "hand-off", 5, "", window -> window.handOff().model().choose("Low tide listing"))));
    }

    /** Looks at a pass, and does something once its route is known.
     *
     * @param number from 1 */
    private static void pass(BenchWindow window, int number, Runnable then) {
        RunModel model = window.run().model();
        AtomicBoolean done = new AtomicBoolean();
        model.onChange(() -> {
            boolean there = model.passes().size() >= number;
            if (there && !model.pass().equals(Optional.of(model.passes().get(number - 1)))) {
                model.choose(model.passes().get(number - 1).key());
            } else if (there && model.planned().isPresent() && done.compareAndSet(false, true)) {
                then.run();
            }
        });
    }

    /** Opens one of the tools of the Lines stage. */
    private static void open(BenchWindow window, String tool) {
        if (window.lookup("#lines-right .scroll-pane") instanceof ScrollPane scroll
                && scroll.getContent() instanceof Accordion tools) {
            tools.getPanes().stream()
                    .filter(p -> p.getId().equals("part-" + tool))
                    .forEach(tools::setExpandedPane);
        }
    }
}
