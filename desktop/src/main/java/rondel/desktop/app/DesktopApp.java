package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import rondel.desktop.desk.Notices;
import rondel.desktop.files.JobActions;
import rondel.desktop.look.Theme;
import rondel.formats.files.KeptList;
import rondel.formats.files.OwnFolders;
import rondel.formats.files.PartFiles;
import rondel.formats.preferences.Preferences;
import rondel.formats.preferences.PreferencesFile;

/** The windows as an application: {@code --demo} opens the demo job, other arguments the job files they name; without any, it says
 *  where one may begin. */
public final class DesktopApp extends Application {

    private Optional<OpenWindows> windows = Optional.empty();
    private final KeptList<WindowPlace> places = new KeptList<>(OwnFolders.window(), WindowPlace[].class, 1);
    private List<WindowPlace> place = List.of();
    private final PreferencesFile preferences = new PreferencesFile(OwnFolders.preferences());
    private Optional<PreferencesFile.Read> read = Optional.empty();

    /** Not yet on the toolkit's thread: what has to be read before there is a window. */
    @Override
    public void init() {
        place = places.all();
        read = Optional.of(preferences.read());
    }

    @Override
    public void start(Stage stage) {
        Theme.install();
        List.of(OwnFolders.journals(), OwnFolders.fonts(), OwnFolders.shelf()).forEach(PartFiles::clear);
        OpenWindows open = new OpenWindows(
                LogFile.open(OwnFolders.logs()),
                places,
                preferences,
                read.map(PreferencesFile.Read::preferences).orElse(Preferences.USUAL));
        place.forEach(p -> p.onto(stage));
        windows = Optional.of(open);
        JobWindow first = open.add(stage);
        Notices notices = first.notices();
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> Platform.runLater(() -> notices.failed(e)));
        read.flatMap(PreferencesFile.Read::notice).ifPresent(notices::refuse);
        open(first);
        if (Boolean.getBoolean("rondel.leaveWhenReady")) {
            leaveWhenReady(first.bench());
        }
        first.recover();
    }

    /** For measuring the start, and for training the cache that makes it quick: says so once the sheet, with the job that
     *  was asked for, can be used. */
    private static void leaveWhenReady(BenchWindow window) {
        window.whenShown(() -> {
            System.out.println("ready");
            Platform.exit();
        });
    }

    private void open(JobWindow first) {
        List<String> files = getParameters().getUnnamed();
        JobActions actions = first.bench().actions();
        if (getParameters().getRaw().contains("--demo")) {
            actions.openDemo();
        } else if (files.isEmpty()) {
            if (!Boolean.getBoolean("rondel.leaveWhenReady")) {
                first.openStart();
            }
        } else {
            files.forEach(f -> actions.open(Path.of(f)));
        }
    }

    @Override
    public void stop() {
        windows.ifPresent(OpenWindows::closeAll);
    }
}
