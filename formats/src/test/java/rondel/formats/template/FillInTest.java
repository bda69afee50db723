package rondel.formats.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.colour.SwapColours;
import rondel.compose.arrange.Hide;
import rondel.compose.arrange.Lock;
import rondel.compose.arrange.Place;
import rondel.compose.lettering.AddText;
import rondel.compose.slot.MakeSlots;
import rondel.compose.template.Blanks;
import rondel.compose.template.FillIn;
import rondel.formats.Fixtures;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Fit;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.text.Typesetter;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class FillInTest {

    private static final Rgba GREEN = new Rgba(31, 111, 107, 255);
    private static final Rgba CORAL = new Rgba(226, 114, 91, 255);
    private static final SheetId SHEET = new SheetId("sheet-1");
    private final Typesetter typesetter = new Typesetter(Fixtures.FONTS);

    private Element shape(String id, double x, Rgba colour) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                Outline.rectangle(new Box(x, 20, 40, 30)),
                FillRule.NON_ZERO,
                Paint.solid(colour),
                Optional.empty());
    }

    /** A tag: a green panel, a window, and a name in coral, centred. */
    private Job tag() {
        Lettering name = Lettering.plain("Name of a guest", new FontChoice("Nunito", 400, false), 10)
                .withAlign(TextAlign.MIDDLE);
        Job job = Job.blank("Tag", LengthUnit.MM, 100, 60);
        job = new Place(SHEET, List.of(shape("panel", 5, GREEN), shape("photo", 50, CORAL)), List.of()).apply(job);
        job = new MakeSlots(List.of(new ElementId("photo")), Fit.FILL).apply(job);
        return new AddText(SHEET, 50, 55, name, Paint.solid(CORAL), Optional.of(typesetter.outline(name))).apply(job);
    }

    private static ElementId text(Job job) {
        return Blanks.of(job).texts().getFirst().element();
    }

    private FillIn saying(Job job, String said) {
        return new FillIn(Map.of(text(job), said), Map.of(), Map.of());
    }

    @Test
    void textsWindowsAndColoursAreListedButNotWhatIsLockedOrHidden() {
        Job job = tag();
        Blanks blanks = Blanks.of(job);
        assertThat(blanks.texts()).extracting(Blanks.Text::content).containsExactly("Name of a guest");
        assertThat(blanks.slots()).extracting(Blanks.Slot::name).containsExactly("photo");
        assertThat(blanks.slots().getFirst().filled()).isFalse();
        assertThat(blanks.colours()).containsExactlyInAnyOrder(GREEN, CORAL);
        Job held = new Lock(List.of(text(job)), true).apply(new Hide(List.of(new ElementId("photo")), true).apply(job));
        assertThat(Blanks.of(held).texts()).isEmpty();
        assertThat(Blanks.of(held).slots()).isEmpty();
    }

    @Test
    void aLongerNameIsSetToTheWidthOfTheOldOneAndAShorterOneKeepsItsSize() {
        Job job = tag();
        Box old = Extent.onSheet(job.located(text(job))).orElseThrow();
        Job longer = saying(job, "Philomena Saltmarsh-Oystercatcher")
                .operation(job, typesetter)
                .apply(job);
        Box box = Extent.onSheet(longer.located(text(longer))).orElseThrow();
        assertThat(box.width()).isCloseTo(old.width(), within(0.02));
        assertThat(box.centre().x()).isCloseTo(old.centre().x(), within(1.0));
        Job shorter = saying(job, "Ann").operation(job, typesetter).apply(job);
        assertThat(((TextElement) shorter.located(text(shorter)).element())
                        .lettering()
                        .size())
                .isEqualTo(10);
    }

    @Test
    void everythingIsFilledInAsOneEditAndColoursCanChangePlaces() {
        Job job = tag();
        Media wash = Fixtures.demo("pictures/sea-wash.png").media().getFirst();
        FillIn all = new FillIn(
                Map.of(text(job), "Ann"), Map.of(new ElementId("photo"), wash), Map.of(GREEN, CORAL, CORAL, GREEN));
        Job done = all.operation(job, typesetter).apply(job);
        assertThat(((ShapeElement) done.located(new ElementId("panel")).element()).fill())
                .isEqualTo(Paint.solid(CORAL));
        TextElement name = (TextElement) done.located(text(done)).element();
        assertThat(name.fill()).isEqualTo(Paint.solid(GREEN));
        assertThat(name.content()).isEqualTo("Ann");
        GroupElement window =
                (GroupElement) done.located(new ElementId("photo")).element();
        assertThat(window.children()).hasSize(1);
        assertThat(done.media()).containsKey(wash.id());
    }

    @Test
    void nothingFilledInAndUnevenPairsAreRefused() {
        Job job = tag();
        assertThatThrownBy(() -> saying(job, "Name of a guest").operation(job, typesetter))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() ->
                        new FillIn(Map.of(new ElementId("panel"), "x"), Map.of(), Map.of()).operation(job, typesetter))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new SwapColours(List.of(), List.of(GREEN), List.of()).apply(job))
                .isInstanceOf(Refusal.class);
    }
}
