package rondel.formats.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.handoff.ledger.LedgerEntry;
import rondel.job.Element;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.text.Typesetter;
import rondel.words.Words;

/** A ledger as pages to be read: one thing a paragraph, with its maker, where it is from, its terms and where it is used. A4, lengths in mm. */
public final class LedgerPages {

    private static final double WIDTH = 210;
    private static final double HEIGHT = 297;
    private static final double MARGIN = 18;
    private static final double TITLE = 6.5;
    private static final double THING = 4.2;
    private static final double TEXT = 3.3;
    private static final double LEADING = 1.45;
    private static final double BETWEEN = 3;

    /** Longer terms, as whole licences, are told by their beginning. */
    private static final int LONGEST_TERMS = 400;

    private static final Rgba INK = new Rgba(40, 50, 50, 255);
    private static final Rgba QUIET = new Rgba(96, 104, 104, 255);
    private static final Rgba HELD = new Rgba(168, 60, 44, 255);

    private final Typesetter typesetter;
    private final String title;
    private final List<Page> pages = new ArrayList<>();
    private List<Element> elements = new ArrayList<>();
    private double y = MARGIN;

    private LedgerPages(String title, Typesetter typesetter) {
        this.title = title;
        this.typesetter = typesetter;
    }

    /** At least one page. */
    public static List<Page> of(String title, List<LedgerEntry> entries, Typesetter typesetter) {
        LedgerPages pages = new LedgerPages(title, typesetter);
        pages.line(Words.of("ledger.pageTitle", title), TITLE, 600, INK);
        pages.y += BETWEEN;
        if (entries.isEmpty()) {
            pages.paragraph(Words.of("ledger.nothing"), QUIET);
        }
        entries.forEach(pages::entry);
        pages.turn();
        return List.copyOf(pages.pages);
    }

    private void entry(LedgerEntry e) {
        if (y + THING * LEADING + 3 * TEXT * LEADING > HEIGHT - MARGIN) {
            turn();
        }
        line(Words.of("ledger.kind." + e.kind()) + ": " + e.thing(), THING, 600, INK);
        String from = List.of(e.maker(), e.source()).stream()
                .filter(t -> !t.isBlank())
                .reduce((a, b) -> a + ", " + b)
                .orElse(Words.of("ledger.nobodySays"));
        paragraph(from, QUIET);
        String terms = e.terms().strip().replaceAll("\\s+", " ");
        String shorter = terms.length() > LONGEST_TERMS ? terms.substring(0, LONGEST_TERMS) + " …" : terms;
        paragraph(Words.of("licence." + e.licence()) + ". " + shorter, e.forSale() ? QUIET : HELD);
        paragraph(
                Words.of(e.uses() == 1 ? "ledger.usedOnce" : "ledger.used", e.uses(), String.join(", ", e.sheets())),
                QUIET);
        y += BETWEEN;
    }

    private void turn() {
        pages.add(new Page(title, WIDTH, HEIGHT, Optional.of(Rgba.WHITE), elements, Map.of()));
        elements = new ArrayList<>();
        y = MARGIN;
    }

    /** Words in as many lines as they need. */
    private void paragraph(String text, Rgba colour) {
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && width(longer) > WIDTH - 2 * MARGIN) {
                line(line.toString(), TEXT, 400, colour);
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        line(line.toString(), TEXT, 400, colour);
    }

    private double width(String text) {
        return shaped(text, TEXT, 400).bounds().map(Box::width).orElse(0.0);
    }

    private Outline shaped(String text, double size, int weight) {
        return typesetter.outline(Lettering.plain(text, new FontChoice("Nunito", weight, false), size));
    }

    private void line(String text, double size, int weight, Rgba colour) {
        if (y + size * LEADING > HEIGHT - MARGIN) {
            turn();
        }
        y += size * LEADING;
        Outline shaped = shaped(text, size, weight);
        shaped.bounds().ifPresent(b -> {
            double fits = Math.min(1, (WIDTH - 2 * MARGIN) / b.width());
            Affine place = Affine.translate(MARGIN, y).times(Affine.scale(fits, fits));
            elements.add(ShapeElement.filled(text, shaped.transformed(place), Paint.solid(colour)));
        });
    }
}
