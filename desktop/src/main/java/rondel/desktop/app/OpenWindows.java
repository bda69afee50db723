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
import rondel.formats.preferences.Preferences;
import rondel.formats.preferences.PreferencesFile;

/** The windows that are open, each with a job of its own; they share the fonts and the list of recent jobs. */
final class OpenWindows {

    private final String log;
    private final FontsAtHand fonts = FontsAtHand.usual();
    private final RecentJobs recent = new RecentJobs(OwnFolders.recentJobs());
    private final LastLooks looks = new LastLooks(OwnFolders.looks());
    private final KeptList<WindowPlace> places;
    private final List<JobWindow> open = new ArrayList<>();

    private final Preferred preferred;

    /** @param places where the window was when it was closed last
     *  @param prefer what the person prefers as it was read */
    OpenWindows(String log, KeptList<WindowPlace> places, PreferencesFile preferences, Preferences prefer) {
        this.log = log;
        this.places = places;
        preferred = new Preferred(prefer, change -> open.stream()
                .findFirst()
                .ifPresent(w -> w.bench().actions().inBackground(() -> preferences.change(change))));
        // Where the system goes from day to night, windows that are as it is follow.
        Platform.getPreferences().colorSchemeProperty().addListener((o, before, now) -> wear());
    }

    private void wear() {
        open.forEach(
                w -> w.bench().appearance().show(Theme.named(preferred.now().theme())));
    }

    JobWindow add(Stage stage) {
        JobWindow window = new JobWindow(stage, log, fonts, recent, looks, preferred);
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
            mine.bench().actions().inBackground(() -> {
                recent.add(file, title);
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
