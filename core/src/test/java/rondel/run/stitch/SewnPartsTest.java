package rondel.run.stitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.shape.OvalShape;
import rondel.job.Cloth;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.Hoop;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.SewingSettings;
import rondel.job.SewnPart;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.StitchSettings.Letters;
import rondel.job.StitchSettings.Parts;
import rondel.job.StitchSettings.Underlay;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.text.FontBook;
import rondel.units.LengthUnit;

/** What of a thing is sewn, how, in which order and in which hoop, and what is to be said of it. */
class SewnPartsTest {

    private static final Rgba SEA = new Rgba(0x1f, 0x6f, 0x6b, 255);
    private static final Rgba CORAL = new Rgba(0xe0, 0x70, 0x5a, 255);
    private static final StitchSettings USUAL = StitchSettings.USUAL;
    private static final FontBook NO_FONTS = new FontBook(List.of(), Map.of());

    private static Outline box(double x, double y, double w, double h) {
        return Outline.rectangle(new Box(x, y, w, h));
    }

    private static Element shape(String id, Outline outline, Rgba fill, Optional<Stroke> line, StitchSettings how) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)).withRole(Role.STITCH).withStitch(Optional.of(how)),
                outline,
                FillRule.NON_ZERO,
                Paint.solid(fill),
                line);
    }

    private static Element badge(StitchSettings how) {
        return shape("badge", box(20, 20, 30, 20), SEA, Optional.of(Stroke.plain(CORAL, 1.6)), how);
    }

    private static Element plain(String id, double x, double y, Rgba fill, StitchSettings how) {
        return shape(id, box(x, y, 20, 20), fill, Optional.empty(), how);
    }

    private static Sheet sheet(Element... elements) {
        return Sheet.of(new SheetId("s"), "Hoop", 100, 100).withElements(List.of(elements));
    }

    private static Job job(Element... elements) {
        Job blank = Job.blank("Patch", LengthUnit.MM, 100, 100);
        return blank.withSheet(blank.sheets().getFirst().id(), s -> s.withElements(List.of(elements)));
    }

    private static SheetId first(Job job) {
        return job.sheets().getFirst().id();
    }

    private static List<Rgba> threads(StitchPattern pattern) {
        return pattern.runs().stream().map(ThreadRun::thread).toList();
    }

    private static List<String> codes(Job job) {
        return new StitchChecks()
                .of(new Checked(job, NO_FONTS, Limits.USUAL)).stream()
                        .map(Finding::code)
                        .toList();
    }

    @Test
    void fillAndLineAreSewnEachInItsColourAndEitherIsLeftOut() {
        assertThat(threads(StitchPlan.of(sheet(badge(USUAL))))).containsExactly(SEA, CORAL);
        assertThat(threads(StitchPlan.of(sheet(badge(USUAL.withParts(Parts.FILL))))))
                .containsExactly(SEA);
        assertThat(threads(StitchPlan.of(sheet(badge(USUAL.withParts(Parts.LINE))))))
                .containsExactly(CORAL);
        StitchSettings own = USUAL.withThread(Optional.of(Rgba.BLACK)).withLineThread(Optional.of(Rgba.WHITE));
        assertThat(threads(StitchPlan.of(sheet(badge(own))))).containsExactly(Rgba.BLACK, Rgba.WHITE);
        // A line of 1.6 mm is satin: from side to side, over its width.
        StitchPattern line = StitchPlan.of(sheet(badge(USUAL.withParts(Parts.LINE))));
        Box extent = line.extent().orElseThrow();
        assertThat(extent.width()).isCloseTo(31.8, within(0.5));
    }

    @Test
    void aThinLineBesideAFillIsRunAlongWhateverTheKindOfTheFill() {
        for (Kind kind : List.of(Kind.AUTO, Kind.FILL, Kind.SATIN)) {
            Element thin = shape(
                    "thin", box(20, 20, 30, 20), SEA, Optional.of(Stroke.plain(CORAL, 0.4)), USUAL.withKind(kind));
            StitchPattern pattern = StitchPlan.of(sheet(thin));
            assertThat(threads(pattern)).as(kind.toString()).containsExactly(SEA, CORAL);
            // 100 mm around in stitches of 2.5 mm, and its ties.
            assertThat(new StitchPattern(List.of(pattern.runs().getLast())).count())
                    .as(kind.toString())
                    .isBetween(40, 50);
        }
    }

    @Test
    void atHalfAndDoubleSizeStitchesAreAsLongAndAsManyToTheArea() {
        Outline disc = OvalShape.of(24, 24).outline();
        List<Double> density = new ArrayList<>();
        List<Double> length = new ArrayList<>();
        for (double scale : new double[] {1, 2, 4}) {
            Element e = shape("d", disc, SEA, Optional.empty(), USUAL.withUnderlay(List.of()))
                    .with(t -> t.withPlacement(Affine.scale(scale, scale)));
            StitchPattern pattern = StitchPlan.of(sheet(e));
            density.add(pattern.count() / (144 * Math.PI * scale * scale));
            length.add(pattern.threadLength() / pattern.count());
        }
        assertThat(density.get(0) / density.get(1)).isBetween(0.9, 1.1);
        assertThat(density.get(2) / density.get(1)).isBetween(0.9, 1.1);
        assertThat(length.get(0) / length.get(1)).isBetween(0.9, 1.1);
        assertThat(length.get(2) / length.get(1)).isBetween(0.9, 1.1);
    }

    @Test
    void satinThatIsAskedForMayBeWideAndIsSplitThen() {
        Element wide = shape("w", box(10, 10, 60, 11), SEA, Optional.empty(), USUAL.withKind(Kind.SATIN));
        List<Stitch> stitches = StitchPlan.of(sheet(wide)).stitches();
        double longest = 0;
        int across = 0;
        for (int i = 1; i < stitches.size(); i++) {
            double dy =
                    Math.abs(stitches.get(i).at().y() - stitches.get(i - 1).at().y());
            double dx =
                    Math.abs(stitches.get(i).at().x() - stitches.get(i - 1).at().x());
            longest = Math.max(longest, Math.hypot(dx, dy));
            across += dy > 3 && dx < 1 ? 1 : 0;
        }
        assertThat(longest).isLessThan(7.01);
        assertThat(across).isGreaterThan(200);
    }

    @Test
    void underlayIsSewnBeforeAndStaysUnderWhatCovers() {
        Outline bar = box(10, 10, 50, 5);
        StitchSettings bare = USUAL.withUnderlay(List.of());
        int without = StitchPlan.of(sheet(shape("b", bar, SEA, Optional.empty(), bare)))
                .count();
        for (Underlay u : Underlay.values()) {
            if (u == Underlay.CROSSING) {
                continue;
            }
            StitchPattern with =
                    StitchPlan.of(sheet(shape("b", bar, SEA, Optional.empty(), bare.withUnderlay(List.of(u)))));
            assertThat(with.count()).as(u.toString()).isGreaterThan(without + 20);
            Box extent = with.extent().orElseThrow();
            assertThat(extent.height()).isCloseTo(5.2, within(0.15));
        }
        Outline field = box(10, 10, 40, 40);
        int rows = StitchPlan.of(sheet(shape("f", field, SEA, Optional.empty(), bare)))
                .count();
        StitchSettings crossing = bare.withUnderlay(List.of(Underlay.CROSSING, Underlay.EDGE));
        assertThat(StitchPlan.of(sheet(shape("f", field, SEA, Optional.empty(), crossing)))
                        .count())
                .isGreaterThan(rows + 200);
    }

    @Test
    void clothThatGivesWayIsSewnFartherOverTheEdge() {
        Element e = plain("a", 30, 30, SEA, USUAL.withKind(Kind.FILL));
        double felt = width(e, Cloth.FELT);
        double pile = width(e, Cloth.PILE);
        assertThat(pile - felt).isCloseTo(2 * (Cloth.PILE.compensation() - Cloth.FELT.compensation()), within(0.05));
        StitchSettings own = USUAL.withKind(Kind.FILL).withCompensation(OptionalDouble.of(0.1));
        assertThat(width(plain("a", 30, 30, SEA, own), Cloth.PILE)).isCloseTo(felt, within(0.01));
    }

    private static double width(Element e, Cloth cloth) {
        return StitchPlan.of(sheet(e), SewingSettings.USUAL.withCloth(cloth))
                .extent()
                .orElseThrow()
                .width();
    }

    @Test
    void lettersAreSewnAsTheyAreReadOrFromTheMiddle() {
        Outline letters = Outline.EMPTY;
        for (int i : new int[] {0, 1, 2, 3, 4}) {
            letters = letters.plus(box(5 + 12 * i, 10, 3, 10));
        }
        assertThat(lefts(letters, Letters.READING)).containsExactly(5, 17, 29, 41, 53);
        assertThat(lefts(letters, Letters.MIDDLE)).containsExactly(29, 41, 53, 17, 5);
    }

    private static List<Integer> lefts(Outline letters, Letters order) {
        Element text = new TextElement(
                Traits.named("t")
                        .withId(new ElementId("t"))
                        .withRole(Role.STITCH)
                        .withStitch(Optional.of(USUAL.withLetters(order))),
                Lettering.plain("IIIII", new FontChoice("Nunito", 400, false), 10),
                letters,
                Paint.solid(SEA),
                Optional.empty());
        List<Integer> lefts = new ArrayList<>();
        for (Stitch s : StitchPlan.of(sheet(text)).stitches()) {
            int left = 5 + 12 * (int) Math.floor((s.at().x() - 3) / 12);
            if (lefts.isEmpty() || lefts.getLast() != left) {
                lefts.add(left);
            }
        }
        return lefts;
    }

    @Test
    void anOrderByHandHoldsAndTellsWhatItCovers() {
        Job job = job(
                plain("under", 20, 20, SEA, USUAL),
                plain("over", 25, 25, CORAL, USUAL),
                plain("aside", 70, 70, SEA, USUAL));
        assertThat(order(StitchPlan.of(job, first(job)))).containsExactly("under", "aside", "over");
        assertThat(codes(job)).doesNotContain("sewnOver");
        StitchPattern pattern = StitchPlan.of(job, first(job));
        Job moved = new OrderStitches(first(job), SewingOrder.movedThread(pattern, 1, 0)).apply(job);
        StitchPattern after = StitchPlan.of(moved, first(job));
        assertThat(order(after)).containsExactly("over", "under", "aside");
        assertThat(codes(moved)).contains("sewnOver");
        // What comes new is sewn behind what it would come after anyway.
        Job more = moved.withSheet(first(moved), s -> s.withInFront(List.of(plain("new", 70, 20, SEA, USUAL))));
        assertThat(order(StitchPlan.of(more, first(more)))).contains("new").startsWith("over");
        Finding finding = new StitchChecks()
                .of(new Checked(moved, NO_FONTS, Limits.USUAL)).stream()
                        .filter(f -> f.code().equals("sewnOver"))
                        .findFirst()
                        .orElseThrow();
        Job mended = finding.fix().orElseThrow().operation().get().apply(moved);
        assertThat(codes(mended)).doesNotContain("sewnOver");
    }

    private static List<String> order(StitchPattern pattern) {
        return SewingOrder.of(pattern).stream()
                .map(SewnPart::element)
                .map(ElementId::value)
                .toList();
    }

    @Test
    void aHoopIsTheSheetAndAllIsCentredInItInOneStep() {
        Job job = job(plain("a", 85, 85, SEA, USUAL), plain("b", 60, 85, CORAL, USUAL));
        Hoop hoop = ShippedHoops.ALL.getFirst();
        Job hooped = new SetHoop(first(job), Optional.of(hoop)).apply(job);
        assertThat(hooped.sheet(first(job)).width()).isEqualTo(100);
        assertThat(codes(hooped)).contains("outsideHoop");
        Job centred = new CentreInHoop(first(job)).apply(hooped);
        Point middle = StitchPlan.of(centred, first(job)).extent().orElseThrow().centre();
        assertThat(middle.x()).isCloseTo(50, within(0.2));
        assertThat(middle.y()).isCloseTo(50, within(0.2));
        assertThat(codes(centred)).doesNotContain("outsideHoop");
        Hoop round = new Hoop("Small", 60, 60, true);
        assertThat(round.holds(new Box(15, 15, 30, 30))).isTrue();
        assertThat(round.holds(new Box(5, 5, 50, 50))).isFalse();
    }

    @Test
    void threadsAreTheNearestOfAChart() {
        Job job = job(badge(USUAL));
        SewingThread green = new SewingThread("Green", new Rgba(0x20, 0x72, 0x68, 255));
        SewingThread red = new SewingThread("Red", new Rgba(0xd8, 0x70, 0x60, 255));
        SewingThread blue = new SewingThread("Blue", new Rgba(0x20, 0x30, 0xc0, 255));
        Job matched = new MatchThreads(List.of(new ElementId("badge")), List.of(blue, red, green)).apply(job);
        assertThat(threads(StitchPlan.of(matched, first(job)))).containsExactly(green.colour(), red.colour());
        assertThat(SewingThread.nearest(ShippedThreads.ALL, new Rgba(0x1e, 0x70, 0x6c, 255))
                        .map(SewingThread::name))
                .contains("Sea green");
    }

    @Test
    void whatWouldGoWrongOnAMachineIsFound() {
        assertThat(codes(job(plain("a", 20, 20, SEA, USUAL)))).isEmpty();
        assertThat(codes(job(plain("a", 20, 20, SEA, USUAL.withKind(Kind.FILL).withSpacing(1.6)))))
                .contains("stitchGap");
        assertThat(codes(job(
                        plain(
                                "a",
                                20,
                                20,
                                SEA,
                                USUAL.withKind(Kind.FILL).withSpacing(0.2).withLength(1)),
                        plain(
                                "b",
                                20,
                                20,
                                SEA,
                                USUAL.withKind(Kind.FILL).withSpacing(0.2).withAngle(60)),
                        plain(
                                "c",
                                20,
                                20,
                                SEA,
                                USUAL.withKind(Kind.FILL).withSpacing(0.2).withAngle(30)),
                        plain(
                                "d",
                                20,
                                20,
                                SEA,
                                USUAL.withKind(Kind.FILL).withSpacing(0.2).withAngle(90)))))
                .contains("stitchLayers");
        assertThat(codes(job(shape("dot", box(10, 10, 0.1, 0.1), SEA, Optional.empty(), USUAL))))
                .contains("stitchNothing");
        Rgba nearly = new Rgba(0x20, 0x70, 0x6c, 255);
        assertThat(codes(job(plain("a", 20, 20, SEA, USUAL), plain("b", 60, 20, nearly, USUAL))))
                .contains("threadsAlike");
        assertThat(codes(job(
                        plain("a", 20, 20, SEA, USUAL),
                        plain("b", 25, 25, CORAL, USUAL),
                        plain("c", 30, 30, SEA, USUAL))))
                .contains("threadAgain");
        Element tiny = new TextElement(
                Traits.named("t").withId(new ElementId("t")).withRole(Role.STITCH),
                Lettering.plain("II", new FontChoice("Nunito", 400, false), 3),
                box(10, 10, 1, 2).plus(box(14, 10, 1, 2)),
                Paint.solid(SEA),
                Optional.empty());
        assertThat(codes(job(tiny))).contains("lettersSmall");
        Outline zigzag = new rondel.geometry.OutlineBuilder()
                .moveTo(10, 10)
                .lineTo(30, 10)
                .lineTo(30, 10.1)
                .lineTo(30.1, 10.2)
                .build();
        assertThat(codes(job(shape("tape", zigzag, SEA, Optional.empty(), USUAL.withKind(Kind.NODES)))))
                .contains("stitchLong", "stitchShort");
    }

    @Test
    void timeIsThatOfStitchesCutsAndChanges() {
        StitchPattern pattern = StitchPlan.of(sheet(badge(USUAL)));
        SewingMachine machine = new SewingMachine(600, 0, 5, 40);
        double[] ends = machine.ends(pattern);
        assertThat(machine.seconds(pattern)).isCloseTo(pattern.count() / 10.0 + 5 * pattern.trims() + 40, within(1e-6));
        assertThat(SewingMachine.made(ends, 0)).isLessThan(3);
        assertThat(SewingMachine.made(ends, ends[99])).isEqualTo(100);
        assertThat(SewingMachine.made(ends, 1e9)).isEqualTo(ends.length);
    }

    @Test
    void aPictureOfTheSewingIsTheSameWhetherItIsPaintedOnOrAfresh() {
        StitchPattern pattern = StitchPlan.of(sheet(badge(USUAL)));
        Box seen = pattern.extent().orElseThrow().grown(2);
        SewingPicture on = new SewingPicture(pattern, seen, 4);
        on.after(200);
        int[] first = pixels(on.after(600));
        assertThat(pixels(new SewingPicture(pattern, seen, 4).after(600))).isEqualTo(first);
        on.after(5000);
        assertThat(pixels(on.after(600))).isEqualTo(first);
    }

    private static int[] pixels(java.awt.image.BufferedImage i) {
        return i.getRGB(0, 0, i.getWidth(), i.getHeight(), null, 0, i.getWidth());
    }
}
