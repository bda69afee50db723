package rondel.desktop.help;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.look.ModalCard;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.report.Release;
import rondel.text.FontFace;
import rondel.text.FontTerms;
import rondel.words.Words;

/** Which version this is, and the licences of all that ships with it. */
public final class AboutCard extends ModalCard {

    private static final double WIDE = 620;
    private static final int ROWS = 18;
    private static final String LICENCES = "/rondel/licences.txt";

    private final Desk desk;
    private final TextArea parts = new TextArea();

    public AboutCard(Desk desk) {
        super("about", Pos.CENTER);
        this.desk = desk;
        Label title = new Label("Rondel");
        title.getStyleClass().add("title");
        Label version = WrappedLabel.of(
                Words.of(
                        "about.version",
                        Release.VERSION,
                        System.getProperty("java.version"),
                        System.getProperty("javafx.version"),
                        System.getProperty("os.name")),
                "quiet");
        version.setId("about-version");
        Label heading = new Label(Words.of("about.parts"));
        heading.getStyleClass().add("section-title");
        heading.setLabelFor(parts);
        parts.setId("about-parts");
        parts.setEditable(false);
        parts.setPrefRowCount(ROWS);
        parts.setWrapText(true);
        hold(
                WIDE,
                HelpButton.titled(title, GuidePage.PREFERENCES),
                version,
                WrappedLabel.of(Words.of("about.what"), "about-what"),
                heading,
                parts,
                WrappedLabel.of(Words.of("notices.close"), "quiet"));
        escapeCloses();
    }

    public void open() {
        show(parts);
        desk.workers().file(AboutCard::licences, parts::setText, desk.notices()::failed, () -> {});
    }

    private static String licences() throws IOException {
        StringBuilder all = new StringBuilder();
        try (InputStream in = AboutCard.class.getResourceAsStream(LICENCES)) {
            all.append(
                    in == null
                            ? Words.of("about.unlisted")
                            : new String(in.readAllBytes(), StandardCharsets.UTF_8).strip());
        }
        all.append("\n\n");
        Set<String> told = new HashSet<>();
        for (FontFace face : new ShippedFonts().get().faces()) {
            if (told.add(face.family())) {
                all.append(face.family())
                        .append(": ")
                        .append(FontTerms.of(face).licence())
                        .append('\n');
            }
        }
        return all.toString().stripTrailing();
    }
}
