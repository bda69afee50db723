package rondel.run.passes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.catalogue.WhatFollows;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.history.Editing;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.Paint;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.Traits;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** Which lines are made in which pass. */
class PassesTest {

    private static final Rgba GOLD = new Rgba(0xd4, 0xa2, 0x3a, 255);
    private static final Rgba BLUE = new Rgba(0x1d, 0x3f, 0x6b, 255);
    private static final Editing EDITING = WhatFollows.editing();

    private static Element square(String id, double x, double y, double side, Role role, Rgba colour) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)).withRole(role),
                Outline.rectangle(new Box(x, y, side, side)),
                FillRule.NON_ZERO,
                Paint.solid(colour),
                Optional.empty());
    }

    private static Job job(Element... elements) {
        Job job = Job.blank("Plate", LengthUnit.MM, 200, 100);
        return job.withSheets(List.of(job.sheets().getFirst().withElements(List.of(elements))));
    }

    private static SheetId sheet(Job job) {
        return job.sheets().getFirst().id();
    }

    private static Job done(Job job, Operation operation) {
        return EDITING.apply(operation, job);
    }

    private static Job plate() {
        Job job = job(
                square("letter-1", 60, 30, 10, Role.CUT, GOLD),
                square("letter-2", 80, 30, 10, Role.CUT, GOLD),
                GroupElement.of(
                        Traits.named("Anchor").withId(new ElementId("anchor")),
                        List.of(square("shank", 20, 20, 8, Role.CUT, BLUE), square("ring", 22, 40, 4, Role.CUT, BLUE))),
                square("border", 10, 10, 80, Role.CUT, BLUE));
        Job films = done(job, new KeepMaterial(ShippedMaterials.VINYL.tinted("Gold film", GOLD)));
        films = done(films, new KeepMaterial(ShippedMaterials.VINYL.tinted("Blue film", BLUE)));
        return done(
                films,
                new SetMaterialRules(
                        List.of(MaterialRule.ofColour(GOLD, "Gold film"), MaterialRule.ofColour(BLUE, "Blue film"))));
    }

    @Test
    void aNamePlateInTwoFilmsIsTwoPassesWithNothingTwiceAndNothingLeftOut() {
        Job job = plate();
        List<Pass> passes = Passes.of(job, sheet(job));

        assertThat(passes).extracting(Pass::name).containsExactly("Gold film: cut", "Blue film: cut");
        assertThat(passes.get(0).lines()).hasSize(2);
        assertThat(passes.get(1).lines()).hasSize(3);
        assertThat(passes.get(0).load().sentence()).startsWith("Load the roll of Gold film.");
        assertThat(passes.get(1).load().kept()).isFalse();
    }

    @Test
    void printComesBeforeAllScoreBeforeCutAndKissCutBeforeDieCut() {
        Job job = job(
                square("die", 10, 10, 60, Role.CUT, BLUE),
                square("kiss", 20, 20, 30, Role.KISS_CUT, BLUE),
                square("fold", 30, 30, 5, Role.SCORE, BLUE),
                square("pen", 40, 40, 5, Role.DRAW, BLUE),
                square("art", 22, 22, 20, Role.PRINT, GOLD));
        List<Pass> passes = Passes.of(job, sheet(job));

        assertThat(passes)
                .extracting(p -> p.key().role())
                .containsExactly(Role.PRINT, Role.DRAW, Role.SCORE, Role.KISS_CUT, Role.CUT);
        assertThat(passes.get(1).load().printed()).isTrue();
        assertThat(passes.get(1).load().kept()).isFalse();
        assertThat(passes.get(4).load().kept()).isTrue();
        assertThat(passes).extracting(p -> p.material().name()).containsOnly("Kiss-cut sheet");
    }

    @Test
    void linesInCopiesAreMadeAndRulesOnWhatTheyShowHold() {
        Element leaf = square("leaf", -5, -5, 10, Role.CUT, GOLD);
        CopyContent content = new CopyContent(List.of(leaf), Optional.empty(), new Box(-5, -5, 10, 10));
        List<Element> copies = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            copies.add(new CopyElement(
                    Traits.named("").withId(new ElementId("c" + i)).withPlacement(Affine.translate(20 + 20 * i, 30)),
                    new Design.Whole(new ElementId("leaf")),
                    content,
                    Optional.empty()));
        }
        Job job = job(copies.toArray(Element[]::new));
        Job ruled = job.withRun(job.run()
                .withRules(List.of(new MaterialRule(
                        Optional.empty(), Optional.empty(), Optional.of(new ElementId("leaf")), "Foil"))));

        Pass pass = Passes.of(ruled, sheet(ruled)).getFirst();
        assertThat(pass.material()).isEqualTo(ShippedMaterials.FOIL);
        assertThat(pass.lines()).hasSize(4);
        assertThat(pass.lines().get(3).contour().segments().getFirst().start().x())
                .isEqualTo(75);

        Job split =
                done(ruled, new SplitPass(sheet(ruled), pass.key(), List.of(new ElementId("c1"), new ElementId("c2"))));
        assertThat(Passes.of(split, sheet(split)))
                .extracting(p -> p.lines().size())
                .containsExactly(2, 2);
    }

    @Test
    void aPassThatWasDoneTellsWhenItsLinesHaveChangedSince() {
        Job job = plate();
        Pass gold = Passes.of(job, sheet(job)).getFirst();
        Job done = done(
                job,
                new ChangePass(
                        sheet(job),
                        gold.settings()
                                .withDone(Optional.of(gold.fingerprint()))
                                .withName("Letters")));
        assertThat(Passes.of(done, sheet(done)).getFirst().state()).isEqualTo(Pass.State.DONE);
        assertThat(Passes.of(done, sheet(done)).getFirst().name()).isEqualTo("Letters");

        Job moved = done.withSheet(
                sheet(done),
                s -> s.withElements(s.elements().stream()
                        .map(e -> e.name().equals("letter-1") ? e.with(t -> t.placedBy(Affine.translate(0.5, 0))) : e)
                        .toList()));
        assertThat(Passes.of(moved, sheet(moved)).getFirst().state()).isEqualTo(Pass.State.CHANGED);
    }

    @Test
    void layersCutFromDifferentFilmsGetTheSameShapesBesideThem() {
        Job job = plate();
        Job matched = job;
        for (Pass p : Passes.of(job, sheet(job))) {
            matched = done(matched, new ChangePass(sheet(job), p.settings().matching(true)));
        }
        List<Pass> passes = Passes.of(matched, sheet(matched));
        assertThat(passes.get(0).added()).hasSize(2).isEqualTo(passes.get(1).added());
        Box lines = new Box(10, 10, 80, 80);
        assertThat(Contour.outline(passes.get(0).added()).bounds().orElseThrow().intersects(lines))
                .isFalse();
    }

    @Test
    void weedingBoxesStandAroundAllOrAroundEachGroup() {
        Job job = plate();
        Pass blue = Passes.of(job, sheet(job)).get(1);
        Job boxed = done(job, new ChangePass(sheet(job), blue.settings().withWeeding(PassSettings.Weeding.BOX)));
        List<Contour> added = Passes.of(boxed, sheet(boxed)).get(1).added();
        assertThat(Contour.outline(added).bounds().orElseThrow()).isEqualTo(new Box(7, 7, 86, 86));

        Pass gold = Passes.of(job, sheet(job)).getFirst();
        Job each = done(job, new ChangePass(sheet(job), gold.settings().withWeeding(PassSettings.Weeding.GROUPS)));
        assertThat(Passes.of(each, sheet(each)).getFirst().added()).hasSize(2);
    }

    @Test
    void eachColourCanBeAFilmOfItsOwn() {
        Job job = job(
                square("a", 10, 10, 5, Role.CUT, GOLD),
                square("b", 20, 10, 5, Role.CUT, BLUE),
                square("c", 30, 10, 5, Role.CUT, GOLD));
        Job films = done(job, new MaterialsByColour(sheet(job), "Vinyl"));
        assertThat(Passes.of(films, sheet(films)))
                .extracting(p -> p.material().colour())
                .containsExactly(GOLD, BLUE);
        assertThat(films.run().materials()).extracting(Material::form).containsOnly(Material.Form.ROLL);
    }

    @Test
    void whatCantBeIsASentence() {
        Job job = plate();
        PassKey gold = Passes.of(job, sheet(job)).getFirst().key();
        assertThatThrownBy(() -> new JoinPasses(sheet(job), gold, gold).apply(job))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new SplitPass(sheet(job), gold, List.of()).apply(job))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new ChangePass(sheet(job), PassSettings.of(PassKey.of("Tin", Role.CUT))).apply(job))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Material.of("Thick", GOLD, 30, 100, 100)).isInstanceOf(Refusal.class);
    }

    /** Whatever is joined, split, moved and reordered: the passes together are the lines that have a role, each once. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void nothingIsMadeTwiceAndNothingIsLeftOut(long seed) {
        Random random = new Random(seed);
        Job job = job(random(random, 30, 0).toArray(Element[]::new));
        SheetId sheet = sheet(job);
        List<ElementId> ids = job.everything().map(Element::id).toList();
        for (int step = 0; step < 40; step++) {
            List<Pass> passes = Passes.of(job, sheet);
            PassKey any = passes.get(random.nextInt(passes.size())).key();
            PassKey other = passes.get(random.nextInt(passes.size())).key();
            List<ElementId> some = List.of(ids.get(random.nextInt(ids.size())), ids.get(random.nextInt(ids.size())));
            Operation operation =
                    switch (random.nextInt(6)) {
                        case 0 -> new JoinPasses(sheet, any, other);
                        case 1 -> new SplitPass(sheet, any, some);
                        case 2 -> new MoveLines(sheet, some, other);
                        case 3 -> new MovePass(sheet, any, 1 + random.nextInt(passes.size()));
                        case 4 ->
                            new SetMaterialRules(List.of(new MaterialRule(
                                    Optional.of(Role.values()[random.nextInt(5)]),
                                    random.nextBoolean() ? Optional.of(GOLD) : Optional.empty(),
                                    random.nextBoolean() ? Optional.of(some.getFirst()) : Optional.empty(),
                                    random.nextBoolean() ? "Foil" : "Vinyl")));
                        default ->
                            new ChangePass(
                                    sheet, Passes.of(job, sheet, any).settings().skipped(random.nextBoolean()));
                    };
            try {
                job = done(job, operation);
            } catch (Refusal refused) {
                assertThat(refused.getMessage()).isNotBlank();
                continue;
            }
            List<SheetLine> all = SheetLines.of(job.sheet(sheet));
            List<SheetLine> made = Passes.of(job, sheet).stream()
                    .flatMap(p -> p.lines().stream())
                    .toList();
            Set<SheetLine> once = new HashSet<>(made);
            assertThat(made).as("after " + operation).hasSize(all.size());
            assertThat(once).as("after " + operation).isEqualTo(new HashSet<>(all));
        }
    }

    private static List<Element> random(Random random, int count, int depth) {
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String id = "e" + depth + "-" + i + "-" + random.nextInt(1_000_000);
            if (depth < 2 && i % 7 == 0) {
                all.add(GroupElement.of(Traits.named(id).withId(new ElementId(id)), random(random, 4, depth + 1)));
            } else {
                Role role = Role.values()[random.nextInt(Role.values().length)];
                Element e = square(
                        id,
                        random.nextInt(180),
                        random.nextInt(80),
                        2 + random.nextInt(15),
                        role,
                        random.nextBoolean() ? GOLD : BLUE);
                all.add(i % 11 == 3 ? e.with(t -> t.withHidden(true)) : e);
            }
        }
        return all;
    }
}
