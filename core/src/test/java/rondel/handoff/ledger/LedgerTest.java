package rondel.handoff.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Licence;
import rondel.job.MediaId;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Provenance;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.text.FontBook;
import rondel.units.LengthUnit;

/** What a job contains from whom. */
class LedgerTest {

    private static final FontBook NO_FONTS = new FontBook(List.of(), Map.of());
    private static final Paint INK = Paint.solid(new Rgba(20, 60, 60, 255));

    private int next = 1;

    private Traits traits(String name) {
        return Traits.named(name).withId(new ElementId("e" + next++));
    }

    private Element shape(String name, Paint fill) {
        return new ShapeElement(
                traits(name), Outline.rectangle(new Box(1, 1, 5, 5)), FillRule.NON_ZERO, fill, Optional.empty());
    }

    private static Element by(Element e, String source, Licence licence) {
        return e.with(t -> t.withProvenance(Optional.of(new Provenance(source, "Maker of " + source, licence))));
    }

    private static List<LedgerEntry> ledger(Element... elements) {
        Job job = Job.blank("Things", LengthUnit.MM, 100, 100);
        return Ledger.of(job.withSheets(List.of(job.sheets().getFirst().withElements(List.of(elements)))), NO_FONTS);
    }

    @Test
    void twoHundredThingsOfThirtySourcesSixDeepAreAllThereAndNothingElse() {
        Random random = new Random(6);
        Set<String> expected = new HashSet<>();
        List<Element> top = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            String name = "Thing " + i;
            expected.add(name);
            Element e =
                    by(shape(name, INK), "Source " + i % 30, Licence.values()[random.nextInt(Licence.values().length)]);
            for (int depth = random.nextInt(6); depth > 0; depth--) {
                Element inner = e;
                e = switch (random.nextInt(4)) {
                    case 0 -> GroupElement.of(traits("Group"), List.of(shape("Mine", INK), inner));
                    case 1 ->
                        new GroupElement(
                                traits("Clipped"),
                                List.of(shape("Mine", INK)),
                                Optional.of(new Clip(
                                        Outline.rectangle(new Box(0, 0, 9, 9)), FillRule.NON_ZERO, Optional.of(inner))),
                                Optional.empty());
                    case 2 ->
                        new CopyElement(
                                traits("Copy"),
                                new Design.Whole(inner.id()),
                                new CopyContent(List.of(inner), Optional.empty(), new Box(0, 0, 5, 5)),
                                Optional.empty());
                    default -> shape("Pattern", new Paint.Tiles(new Box(0, 0, 5, 5), List.of(inner), Affine.IDENTITY));
                };
            }
            top.add(e);
        }
        List<LedgerEntry> found = ledger(top.toArray(Element[]::new));
        assertThat(found).extracting(LedgerEntry::thing).containsExactlyInAnyOrderElementsOf(expected);
        assertThat(found.stream().map(LedgerEntry::source).distinct()).hasSize(30);
    }

    @Test
    void aFillOfPersonalUseDrawingsIsNotForSale() {
        Element crab = by(shape("Crab", INK), "A blog", Licence.PERSONAL_USE);
        List<LedgerEntry> found =
                ledger(shape("Whale", new Paint.Tiles(new Box(0, 0, 5, 5), List.of(crab), Affine.IDENTITY)));
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().forSale()).isFalse();
        assertThat(found.getFirst().terms()).contains("Nothing with it may be sold");
    }

    @Test
    void picturesOfWhichNobodySaysAreNotKnownAndHiddenThingsAreNoPart() {
        Element photo = new PictureElement(traits("Photo"), new MediaId("00"), new Box(1, 1, 5, 5));
        Element hidden =
                by(shape("Hidden", INK), "A shop", Licence.PERSONAL_USE).with(t -> t.withHidden(true));
        List<LedgerEntry> found = ledger(photo, hidden, shape("My box", INK));
        assertThat(found).extracting(LedgerEntry::thing).containsExactly("Photo");
        assertThat(found.getFirst().licence()).isEqualTo(Licence.UNKNOWN);
    }

    @Test
    void whatIsUsedOftenIsListedOnceWithItsCountAndFontsComeWithTheirTerms() {
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            all.add(by(shape("Anchor", INK), "A set", Licence.COMMERCIAL_USE));
        }
        all.add(new TextElement(
                traits("Word"),
                Lettering.plain("Tide", new FontChoice("Nowhere Sans", 700, false), 10),
                Outline.rectangle(new Box(1, 1, 5, 5)),
                INK,
                Optional.empty()));
        List<LedgerEntry> found = ledger(all.toArray(Element[]::new));
        assertThat(found).hasSize(2);
        assertThat(found.getFirst().uses()).isEqualTo(3);
        assertThat(found.getLast().kind()).isEqualTo(LedgerEntry.Kind.FONT);
        assertThat(found.getLast().forSale()).isFalse();
    }
}
