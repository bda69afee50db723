package rondel.handoff.ledger;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Licence;
import rondel.job.Link;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Provenance;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.TextElement;
import rondel.text.FontBook;
import rondel.text.FontFace;
import rondel.text.FontTerms;
import rondel.words.Words;

/** Everything that a job contains from somebody, traced through groups, clips, masks, windows, copies, patterns and fillings: artwork with where it
 *  comes from, pictures of which nobody says, and fonts with the terms that they carry themselves. What was drawn in the job is one's own and not
 *  listed; what is hidden is no part of the product, unless a union is made of it. */
public final class Ledger {

    private record Thing(LedgerEntry.Kind kind, String name, Provenance from) {}

    /** Where a thing is. */
    private static final class Uses {
        private final Set<String> sheets = new LinkedHashSet<>();
        private int count;
    }

    private final FontBook fonts;
    private final Map<Thing, Uses> things = new LinkedHashMap<>();
    private final Map<FontChoice, Uses> faces = new LinkedHashMap<>();

    private Ledger(FontBook fonts) {
        this.fonts = fonts;
    }

    /** In the order in which they come, fonts last. */
    public static List<LedgerEntry> of(Job job, FontBook fonts) {
        Ledger ledger = new Ledger(fonts);
        for (Sheet sheet : job.sheets()) {
            // What plans lay out shows designs of other sheets: it is those that are listed, with the sheets they are
            // on.
            for (Element e : sheet.elements()) {
                if (!sheet.parks(e)) {
                    ledger.take(e, sheet.name(), Optional.empty(), false);
                }
            }
        }
        return ledger.entries();
    }

    /** @param around what holds for all that lies in something
     *  @param made whether it counts though it is hidden */
    private void take(Element e, String sheet, Optional<Provenance> around, boolean made) {
        if (e.hidden() && !made) {
            return;
        }
        Optional<Provenance> own = e.traits().provenance();
        own.ifPresent(p -> note(kind(e), name(e), p, sheet));
        Optional<Provenance> holds = own.or(() -> around);
        switch (e) {
            case PictureElement p -> {
                if (holds.isEmpty()) {
                    note(LedgerEntry.Kind.PICTURE, name(e), new Provenance("", "", Licence.UNKNOWN), sheet);
                }
            }
            case TextElement t -> {
                font(t.lettering().font(), sheet);
                paint(t.fill(), sheet, holds);
            }
            case ShapeElement s -> {
                paint(s.fill(), sheet, holds);
                s.stroke().ifPresent(k -> paint(k.paint(), sheet, holds));
            }
            case CopyElement c -> all(c.content().group(), sheet, holds);
            case GroupElement g -> all(g, sheet, holds);
        }
    }

    private void all(GroupElement g, String sheet, Optional<Provenance> holds) {
        boolean union = g.children().stream()
                .anyMatch(c -> !c.hidden()
                        && c.traits()
                                .link()
                                .filter(Link.Union.class::isInstance)
                                .isPresent());
        g.children().forEach(c -> take(c, sheet, holds, union));
        g.clip().flatMap(c -> c.from()).ifPresent(f -> take(f, sheet, holds, true));
        g.mask().ifPresent(m -> m.content().forEach(c -> take(c, sheet, holds, false)));
    }

    private void paint(Paint paint, String sheet, Optional<Provenance> holds) {
        if (paint instanceof Paint.Tiles tiles) {
            tiles.content().forEach(c -> take(c, sheet, holds, false));
        }
    }

    private static LedgerEntry.Kind kind(Element e) {
        return e instanceof PictureElement ? LedgerEntry.Kind.PICTURE : LedgerEntry.Kind.ARTWORK;
    }

    private static String name(Element e) {
        return e.name().isBlank() ? Words.of("ledger.unnamed." + e.kind()) : e.name();
    }

    private void note(LedgerEntry.Kind kind, String name, Provenance from, String sheet) {
        Uses uses = things.computeIfAbsent(new Thing(kind, name, from), t -> new Uses());
        uses.sheets.add(sheet);
        uses.count++;
    }

    private void font(FontChoice choice, String sheet) {
        FontChoice family = new FontChoice(choice.family(), 400, false);
        Uses uses = faces.computeIfAbsent(family, f -> new Uses());
        uses.sheets.add(sheet);
        uses.count++;
    }

    private List<LedgerEntry> entries() {
        List<LedgerEntry> all = new ArrayList<>();
        things.forEach((t, uses) -> all.add(new LedgerEntry(
                t.kind,
                t.name,
                t.from.author(),
                t.from.source(),
                t.from.licence(),
                Words.of("ledger.terms." + t.from.licence()),
                List.copyOf(uses.sheets),
                uses.count)));
        faces.forEach((f, uses) -> all.add(entry(f, uses)));
        return all;
    }

    private LedgerEntry entry(FontChoice family, Uses uses) {
        Optional<FontFace> face = fonts.nearest(List.of(family.family()), family)
                .filter(FontBook.Match::exact)
                .map(FontBook.Match::face);
        FontTerms terms = face.map(FontTerms::of).orElse(FontTerms.NONE);
        return new LedgerEntry(
                LedgerEntry.Kind.FONT,
                family.family(),
                terms.maker(),
                terms.source(),
                terms.isOpen() ? Licence.COMMERCIAL_USE : Licence.UNKNOWN,
                terms.licence().isBlank() ? Words.of("ledger.terms.UNKNOWN") : terms.licence(),
                List.copyOf(uses.sheets),
                uses.count);
    }
}
