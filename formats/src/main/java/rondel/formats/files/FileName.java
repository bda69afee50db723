package rondel.formats.files;

import java.util.Locale;

/** The parts of a file's name. */
public final class FileName {

    private FileName() {}

    /** The name without folders and ending: {@code octopus} of {@code art/octopus.svg}. */
    public static String stem(String name) {
        return last(name).replaceAll("(?<=.)\\.[^.]*$", "");
    }

    /** The ending without its dot, in lower case; empty where there is none. */
    public static String extension(String name) {
        String last = last(name);
        int dot = last.lastIndexOf('.');
        return dot <= 0 ? "" : last.substring(dot + 1).toLowerCase(Locale.ROOT);
    }

    private static String last(String name) {
        return name.replaceAll("^.*[/\\\\]", "");
    }
}
