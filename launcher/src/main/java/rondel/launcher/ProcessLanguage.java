package rondel.launcher;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import rondel.formats.files.OwnFolders;
import rondel.formats.preferences.PreferencesFile;

/** The language of the process: the one asked for by {@code --language}, else the one preferred, else the system's. To be settled before the
 *  first word is looked up. */
final class ProcessLanguage {

    private static final String OPTION = "--language";

    private ProcessLanguage() {}

    /** Settles it.
     *
     * @return the arguments without what was said of the language */
    static String[] settle(String[] args) {
        int at = args.length > 1 && args[0].equals(OPTION) ? 2 : 0;
        Optional<String> asked = at == 2 ? Optional.of(args[1]) : preferred();
        asked.filter(tag -> !tag.equals("system"))
                .map(Locale::forLanguageTag)
                .filter(l -> !l.getLanguage().isEmpty())
                .ifPresent(Locale::setDefault);
        return Arrays.copyOfRange(args, at, args.length);
    }

    /** What can't be read is told by the window, which puts it aside. */
    private static Optional<String> preferred() {
        return new PreferencesFile(OwnFolders.preferences()).peek().map(p -> p.language());
    }
}
