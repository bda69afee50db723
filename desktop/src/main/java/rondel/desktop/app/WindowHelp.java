package rondel.desktop.app;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.Scene;
import rondel.desktop.command.Commands;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.files.FileChoices;
import rondel.desktop.help.AboutCard;
import rondel.desktop.help.Guide;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpEvent;
import rondel.desktop.help.NoticesCard;
import rondel.desktop.help.ReportCard;

/** What helps in the window: the guide, what was said, about, reports. */
final class WindowHelp {

    private final Guide guide;
    private final NoticesCard notices;
    private final AboutCard about;
    private final ReportCard report;

    /** @param page about the stage that is open */
    WindowHelp(
            BenchWindow window,
            Desk desk,
            Commands commands,
            Progress progress,
            FileChoices choices,
            Supplier<GuidePage> page) {
        guide = new Guide(desk, () -> window);
        notices = new NoticesCard(desk.notices());
        about = new AboutCard(desk);
        report = new ReportCard(desk, progress, choices::exportTarget);
        commands.meaning("guide", () -> guide.open(Guide.about(focused(window)).orElseGet(page)));
        commands.meaning("notices", notices::open);
        commands.meaning("about", about::open);
        commands.meaning("report", report::open);
        window.addEventHandler(HelpEvent.WANTED, e -> {
            guide.open(e.page());
            e.consume();
        });
    }

    private static Node focused(BenchWindow window) {
        Scene scene = window.getScene();
        return scene == null ? null : scene.getFocusOwner();
    }

    /** What lies over the window. */
    List<Node> cards() {
        return List.of(notices, about, report);
    }

    Guide guide() {
        return guide;
    }
}
