package rondel.desktop.files;

/** Names that every file system takes. */
final class FileNames {

    private FileNames() {}

    /** {@code title} with a hyphen for each character that a file system forbids. */
    static String safe(String title) {
        return title.replaceAll("[\\\\/:*?\"<>|]", "-");
    }
}
