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

    /** The file of which it is still being read how one looked at it before: until then nothing is remembered of it. */
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
        desk.bench().file().filter(f -> opening.isEmpty()).ifPresent(f -> {
            SheetView sheet = window.sheet();
            Point middle = sheet.middle();
            LastLooks.Look look = new LastLooks.Look(
                    LastLooks.name(f),
                    desk.bench().sheet().id().value(),
                    window.stages().get().id(),
                    sheet.viewport().scale(),
                    middle.x(),
                    middle.y());
            desk.inBackground(() -> {
                looks.keep(look);
                return look;
            });
        });
    }

    /** A file was opened: looks where one was. */
    void opened(Path file) {
        opening = Optional.of(file);
        desk.workers()
                .file(
                        () -> looks.of(file),
                        look -> {
                            if (opening.equals(Optional.of(file))
                                    && desk.bench().file().equals(Optional.of(file))) {
                                opening = Optional.empty();
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
