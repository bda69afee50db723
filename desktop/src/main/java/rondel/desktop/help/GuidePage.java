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
    PLANNER_STICKERS("how-to/", "planner-stickers"),
    LAYERED_CUT_FILE("how-to/", "layered-cut-file"),
    SCRAPBOOK_PAGE("how-to/", "scrapbook-page"),
    FOLD_TAGS("how-to/", "fold-tags"),
    NAME_LIST("how-to/", "name-list"),
    PRINT_AND_CUT("how-to/", "print-and-cut"),
    PATCH("how-to/", "patch"),
    FOLDED_CARD("how-to/", "folded-card"),
    PHOTO_STICKERS("how-to/", "photo-stickers"),
    FILM_SIGN("how-to/", "film-sign"),
    SHOP_LISTING("how-to/", "shop-listing"),
    OTHER_COLOURS("how-to/", "one-set-many-colours"),
    TROUBLE("when-something-looks-wrong"),
    WALKS("walks"),
    COMMAND_LINE("command-line"),
    RECIPES("recipes"),
    JOB_FILE("job-file");

    private static final String FOLDER = "/rondel/guide/";

    private final String folder;
    private final String name;

    GuidePage(String name) {
        this("", name);
    }

    GuidePage(String folder, String name) {
        this.folder = folder;
        this.name = name;
    }

    /** Its file, among those of docs. */
    public String path() {
        return folder + name + ".md";
    }

    private String file() {
        return FOLDER + path();
    }

    /** Its title in the list of pages. */
    public String title() {
        return Words.of("guide.page." + name);
    }

    /** What it says, as Markdown (CommonMark with tables).
     *
     * @throws IOException if the page can't be read */
    public String markdown() throws IOException {
        try (InputStream in = GuidePage.class.getResourceAsStream(file())) {
            if (in == null) {
                throw new IOException(file());
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** A picture of a page.
     *
     * @param link as the page names it; nothing where the guide has none such */
    static Optional<URL> picture(String link) {
        return Optional.ofNullable(GuidePage.class.getResource(FOLDER + link.replaceFirst("^\\.\\./", "")));
    }

    /** The page that a link of a page leads to; nothing where it leads out of the guide. */
    static Optional<GuidePage> linked(String link) {
        String wanted = lastPart(link.replaceFirst("#.*$", "").replaceFirst("\\.md$", ""));
        return Arrays.stream(values()).filter(p -> p.name.equals(wanted)).findFirst();
    }

    /** No two pages are called alike, in whatever folder they are. */
    private static String lastPart(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }
}
