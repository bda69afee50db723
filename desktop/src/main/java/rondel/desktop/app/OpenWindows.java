package rondel.desktop.app;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.stage.Stage;
import rondel.desktop.desk.Preferred;
import rondel.desktop.files.JobActions;
import rondel.desktop.files.JobWindows;
import rondel.desktop.look.Theme;
import rondel.formats.files.KeptList;
import rondel.formats.files.OwnFolders;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.job.LastLooks;
import rondel.formats.job.RecentJobs;
import rondel.formats.picture.PictureLevels;
import rondel.formats.preferences.Preferences;
import rondel.formats.preferences.PreferencesFile;

/** The windows that are open, each with a job of its own; they share fonts, pictures and the list of recent jobs. */
final class OpenWindows {

    private final SharedByWindows shared;
    private final KeptList<WindowPlace> places;
    private final List<JobWindow> open = new ArrayList<>();

    /** @param places where the window was when it was closed last
     *  @param prefer what the person prefers as it was read */
    OpenWindows(String log, KeptList<WindowPlace> places, PreferencesFile preferences, Preferences prefer) {
        this.places = places;
        Preferred preferred =
                new Preferred(prefer, change -> open.stream().findFirst().ifPresent(w -> w.desk()
                        .inBackground(() -> preferences.change(change))));
        shared = new SharedByWindows(
                log,
                FontsAtHand.usual(),
                new RecentJobs(OwnFolders.recentJobs()),
                new LastLooks(OwnFolders.looks()),
                preferred,
                PictureLevels.usual());
        // Where the system goes from day to night, windows that are as it is follow.
        Platform.getPreferences().colorSchemeProperty().addListener((o, before, now) -> wear());
    }

    private void wear() {
        open.forEach(w ->
                w.bench().appearance().show(Theme.named(shared.preferred().now().theme())));
    }

    JobWindow add(Stage stage) {
        JobWindow window = new JobWindow(stage, shared);
        open.add(window);
        window.show(new Among(window));
        return window;
    }

    void closeAll() {
        List.copyOf(open).forEach(JobWindow::close);
        open.clear();
    }

    /** How one window sees the others. */
    private final class Among implements JobWindows {

        private final JobWindow mine;

        Among(JobWindow mine) {
            this.mine = mine;
        }

        @Override
        public boolean another(Consumer<JobActions> with) {
            with.accept(add(new Stage()).bench().actions());
            return true;
        }

        @Override
        public boolean bringForward(Path file) {
            return open.stream()
                    .filter(w -> w.file().filter(file::equals).isPresent())
                    .findFirst()
                    .map(w -> {
                        w.toFront();
                        return true;
                    })
                    .orElse(false);
        }

        @Override
        public void used(Path file, String title) {
            mine.desk().inBackground(() -> {
                shared.recent().add(file, title);
                return file;
            });
        }

        @Override
        public void opened(Path file) {
            mine.opened(file);
        }

        @Override
        public void close() {
            WindowPlace place = mine.place();
            Thread.ofPlatform().name("window place").start(() -> places.add(place, p -> true));
            mine.hide();
            open.remove(mine);
            mine.close();
        }

        @Override
        public void quit() {
            List.copyOf(open).reversed().forEach(w -> {
                w.toFront();
                w.bench().actions().closeWindow();
            });
        }
    }
}
