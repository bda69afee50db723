package rondel.formats.files;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import rondel.job.Checksum;

/** What stands beside a file and is hidden: its name with a dot before and an ending behind. */
public final class HiddenName {

    /** The longest name that file systems in use take, in bytes: 255 of UTF-8 (ext4, APFS counts otherwise and takes as many). */
    private static final int LONGEST = 255;

    /** So much of a long name is kept; what tells it from others is a checksum of all of it. */
    private static final int KEPT = 40;

    private static final int CHECKED = 16;

    private HiddenName() {}

    /** @param ending with its dot */
    public static Path beside(Path file, String ending) {
        String name = file.getFileName().toString();
        String whole = "." + name + ending;
        if (whole.getBytes(StandardCharsets.UTF_8).length <= LONGEST) {
            return file.resolveSibling(whole);
        }
        String checked = Checksum.of(name.getBytes(StandardCharsets.UTF_8)).substring(0, CHECKED);
        String kept =
                name.substring(0, name.offsetByCodePoints(0, Math.min(KEPT, name.codePointCount(0, name.length()))));
        return file.resolveSibling("." + kept + "-" + checked + ending);
    }
}
