package rondel.desktop.help;

import java.io.IOException;
import java.io.InputStream;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import rondel.words.Words;

/** The pages of the guide, in the order in which one reads them; each is a file of docs. */
public enum GuidePage {
    FIRST_HOUR("first-hour"),
    COMPOSE("compose"),
    SHELF("shelf"),
    LINES("lines"),
    GANG("gang"),
    RUN("run"),
    STITCH("stitch"),
    HAND_OFF("hand-off"),
    KEPT("kept"),
    PREFERENCES("preferences"),
    KEYS("keys"),
    TROUBLE("when-something-looks-wrong"),
    WALKS("walks"),
    RECIPES("recipes"),
    JOB_FILE("job-file");

    private static final String FOLDER = "/rondel/guide/";

    private final String file;

    GuidePage(String file) {
        this.file = file;
    }

    /** Its title in the list of pages. */
    public String title() {
        return Words.of("guide.page." + file);
    }

    /** What it says, as Markdown (CommonMark with tables).
     *
     * @throws IOException if the page can't be read */
    public String markdown() throws IOException {
        try (InputStream in = GuidePage.class.getResourceAsStream(FOLDER + file + ".md")) {
            if (in == null) {
                throw new IOException(FOLDER + file + ".md");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** A picture of a page.
     *
     * @param link as the page names it; nothing where the guide has none such */
    static Optional<URL> picture(String link) {
        return Optional.ofNullable(GuidePage.class.getResource(FOLDER + link));
    }

    /** The page that a link of a page leads to; nothing where it leads out of the guide. */
    static Optional<GuidePage> linked(String link) {
        String name = link.replaceFirst("#.*$", "").replaceFirst("\\.md$", "");
        return Arrays.stream(values()).filter(p -> p.file.equals(name)).findFirst();
    }
}
