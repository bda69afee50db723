package rondel.run.stitch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.shape.OvalShape;
import rondel.job.Cloth;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.SewingSettings;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.Stroke;
import rondel.job.Traits;

/** What is kept of parts that an edit left alone is what would be sewn of them afresh. */
class SewnAgainTest {

    private static final List<Rgba> THREADS =
            List.of(new Rgba(0x1f, 0x6f, 0x6b, 255), new Rgba(0xe0, 0x70, 0x5a, 255), new Rgba(0xf2, 0xc1, 0x4e, 255));

    private final Random random = new Random(28);
    private int made;

    private Element shape() {
        made++;
        Box box = new Box(
                random.nextDouble(70), random.nextDouble(70), 3 + random.nextDouble(20), 3 + random.nextDouble(20));
        return new ShapeElement(
                Traits.named("shape " + made)
                        .withId(new ElementId("e" + made))
                        .withRole(Role.STITCH)
                        .withStitch(Optional.of(StitchSettings.USUAL)),
                random.nextBoolean()
                        ? Outline.rectangle(box)
                        : OvalShape.of(box.width(), box.height())
                                .outline()
                                .transformed(Affine.translate(box.x(), box.y())),
                FillRule.NON_ZERO,
                Paint.solid(thread()),
                random.nextInt(3) == 0 ? Optional.of(Stroke.plain(thread(), 1.2)) : Optional.empty());
    }

    private Rgba thread() {
        return THREADS.get(random.nextInt(THREADS.size()));
    }

    private Element changed(Element e) {
        return switch (random.nextInt(4)) {
            case 0 ->
                e.with(t -> t.withPlacement(Affine.translate(random.nextDouble(6) - 3, random.nextDouble(6) - 3)
                        .times(t.placement())));
            case 1 ->
                e.with(t -> t.withStitch(Optional.of(
                        StitchSettings.USUAL.withKind(Kind.values()[random.nextInt(Kind.values().length)]))));
            case 2 -> e.with(t -> t.withStitch(Optional.of(StitchSettings.USUAL.withThread(Optional.of(thread())))));
            default -> e.with(t -> t.withHidden(random.nextBoolean()));
        };
    }

    private Sheet edited(Sheet sheet) {
        List<Element> elements = new ArrayList<>(sheet.elements());
        int which = random.nextInt(elements.size());
        switch (random.nextInt(6)) {
            case 0 -> elements.add(shape());
            case 1 -> elements.add(elements.remove(which));
            case 2 -> elements.set(which, shape());
            default -> elements.set(which, changed(elements.get(which)));
        }
        return sheet.withElements(elements);
    }

    @Test
    void overManyEditsAndWaysBack() {
        Sheet sheet = Sheet.of(new SheetId("s"), "Hoop", 100, 100)
                .withElements(List.of(shape(), shape(), shape(), shape(), shape(), shape()));
        List<Sheet> before = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            SewingSettings sewing =
                    SewingSettings.USUAL.withCloth(Cloth.values()[random.nextInt(Cloth.values().length)]);
            Sheet afresh = Sheet.of(sheet.id(), sheet.name(), sheet.width(), sheet.height())
                    .withElements(sheet.elements());
            assertThat(StitchPlan.of(sheet, sewing)).isEqualTo(StitchPlan.of(afresh, sewing));
            before.add(sheet);
            sheet = edited(random.nextInt(8) == 0 ? before.get(random.nextInt(before.size())) : sheet);
        }
    }

    @Test
    void aPartThatIsLeftAloneIsNotSewnAgain() {
        Sheet sheet = Sheet.of(new SheetId("s"), "Hoop", 100, 100).withElements(List.of(shape(), shape()));
        StitchedElement.Sewn kept = PartsToSew.of(sheet).getFirst().sewn(Cloth.values()[0]);
        Sheet after = sheet.withElements(List.of(sheet.elements().getFirst(), shape()));
        assertThat(PartsToSew.of(after).getFirst().sewn(Cloth.values()[0])).isSameAs(kept);
    }
}
