package rondel.desktop.files;

/** Names that every file system takes. */
public final class FileNames {

    private FileNames() {}

    /** {@code title} with a hyphen for each character that a file system forbids. */
    public static String safe(String title) {
        return title.replaceAll("[\\\\/:*?\"<>|]", "-");
    }
}
