package rondel.desktop.app;

import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Change;
import rondel.desktop.sheet.SheetView;
import rondel.desktop.sheet.Viewport;
import rondel.formats.job.LastLooks;
import rondel.geometry.Point;
import rondel.job.Sheet;

/** Remembers at which sheet, on which stage and how closely one looked at a job, and looks there again when it is opened. */
final class LookMemory {

    /** So long a look has to last to be remembered. */
    private static final Duration SETTLED = Duration.millis(900);

    private final BenchWindow window;
    private final Desk desk;
    private final LastLooks looks;
    private final PauseTransition pause = new PauseTransition(SETTLED);

    /** The file that one looks at: only once it is known how one looked at it before. */
    private Optional<Path> ready = Optional.empty();

    /** The file of which that is being read. */
    private Optional<Path> opening = Optional.empty();

    LookMemory(BenchWindow window, Desk desk, LastLooks looks) {
        this.window = window;
        this.desk = desk;
        this.looks = looks;
        pause.setOnFinished(e -> keep());
        desk.bench().on(EnumSet.of(Change.SHEET, Change.FILE), this::changed);
        window.stages().onChange(this::changed);
        window.sheet().onLook(this::changed);
    }

    private void changed() {
        if (desk.bench().file().isPresent()) {
            pause.playFromStart();
        }
    }

    private void keep() {
        Optional<Path> file = desk.bench().file();
        if (file.isEmpty() || !file.equals(ready)) {
            // A job that was saved under a name for the first time is looked at as it is.
            ready = file.filter(f -> opening.isEmpty());
        }
        ready.ifPresent(f -> {
            SheetView sheet = window.sheet();
            Point middle = sheet.middle();
            LastLooks.Look look = new LastLooks.Look(
                    LastLooks.name(f),
                    desk.bench().sheet().id().value(),
                    window.stages().get().id(),
                    sheet.viewport().scale(),
                    middle.x(),
                    middle.y());
            window.actions().inBackground(() -> {
                looks.keep(look);
                return look;
            });
        });
    }

    /** A file was opened: looks where one was. */
    void opened(Path file) {
        ready = Optional.empty();
        opening = Optional.of(file);
        desk.workers()
                .file(
                        () -> looks.of(file),
                        look -> {
                            if (opening.equals(Optional.of(file))
                                    && desk.bench().file().equals(Optional.of(file))) {
                                opening = Optional.empty();
                                ready = Optional.of(file);
                                look.ifPresent(this::look);
                            }
                        },
                        desk.notices()::failed,
                        () -> {});
    }

    private void look(LastLooks.Look look) {
        desk.bench().job().sheets().stream()
                .map(Sheet::id)
                .filter(id -> id.value().equals(look.sheet()))
                .findFirst()
                .ifPresent(desk.bench()::show);
        window.stages().all().stream()
                .filter(s -> s.id().equals(look.stage()))
                .findFirst()
                .ifPresent(window.stages()::open);
        SheetView sheet = window.sheet();
        if (look.scale() > 0 && Double.isFinite(look.scale()) && sheet.getWidth() > 0) {
            sheet.look(new Viewport(
                    look.scale(),
                    Math.rint(sheet.getWidth() / 2 - look.x() * look.scale()),
                    Math.rint(sheet.getHeight() / 2 - look.y() * look.scale())));
        }
    }
}
