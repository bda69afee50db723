package rondel.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The colours of both themes, read from their style sheets: what is read has a contrast of 4.5 to 1, lines and borders 3 to 1 (WCAG 2.2, 1.4.3 and 1.4.11). */
class ContrastTest {

    private static final Pattern COLOUR = Pattern.compile("(-[\\w-]+):\\s*(#[0-9a-fA-F]{6});");

    private static Map<String, Color> palette(String theme) throws Exception {
        try (var in = ContrastTest.class.getResourceAsStream("/rondel/desktop/palette-" + theme + ".css")) {
            String css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            Matcher m = COLOUR.matcher(css.substring(0, css.indexOf('}')));
            Map<String, Color> all = new HashMap<>();
            while (m.find()) {
                all.put(m.group(1), Color.web(m.group(2)));
            }
            return all;
        }
    }

    private static double contrast(Color a, Color b) {
        double la = luminance(a);
        double lb = luminance(b);
        return (Math.max(la, lb) + 0.05) / (Math.min(la, lb) + 0.05);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double v) {
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    @ParameterizedTest
    @ValueSource(strings = {"light", "dark"})
    void everythingThatIsReadStandsOutFromWhatItStandsOn(String theme) throws Exception {
        Map<String, Color> p = palette(theme);
        String[] grounds = {"-rondel-paper", "-rondel-ground", "-rondel-shade", "-rondel-raised", "-rondel-wash"};
        for (String on : grounds) {
            for (String ink : new String[] {"-rondel-ink", "-color-fg-default"}) {
                assertThat(contrast(p.get(ink), p.get(on)))
                        .as(theme + ": " + ink + " on " + on)
                        .isGreaterThan(4.5);
            }
        }
        for (String on : new String[] {"-rondel-paper", "-rondel-shade", "-rondel-raised"}) {
            for (String ink : new String[] {
                "-rondel-quiet", "-rondel-coral", "-rondel-cut", "-rondel-score", "-rondel-stitch", "-color-accent-fg"
            }) {
                assertThat(contrast(p.get(ink), p.get(on)))
                        .as(theme + ": " + ink + " on " + on)
                        .isGreaterThan(4.5);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "-rondel-on-coral, -rondel-coral, 4.5",
        "-rondel-on-quiet, -rondel-quiet, 4.5",
        "-rondel-ruler-ink, -rondel-ruler, 4.5",
        "-color-border-default, -rondel-paper, 3",
        "-color-border-default, -color-bg-default, 3",
        "-rondel-accent, -rondel-paper, 3",
        "-rondel-focus, -rondel-paper, 3",
    })
    void signsAndBordersToo(String ink, String on, double least) throws Exception {
        for (String theme : new String[] {"light", "dark"}) {
            Map<String, Color> p = palette(theme);
            assertThat(contrast(p.get(ink), p.get(on)))
                    .as(theme + ": " + ink + " on " + on)
                    .isGreaterThan(least);
            assertThat(contrast(Color.WHITE, p.get("-rondel-accent"))).as(theme).isGreaterThan(4.5);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"light", "dark"})
    void bothThemesSayTheSameColours(String theme) throws Exception {
        assertThat(palette(theme).keySet()).isEqualTo(palette("light").keySet());
    }
}
