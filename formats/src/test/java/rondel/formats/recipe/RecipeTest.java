package rondel.formats.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.words.Refusal;

/** Recipes say what they mean: results have names, elements are found by what they are, and mistakes are told with their place. */
class RecipeTest {

    private final Job sample = SampleJob.make();

    private Job apply(String recipe) {
        return Recipe.parse(recipe.replace('\'', '"').getBytes(StandardCharsets.UTF_8), "r.json")
                .apply(WhatFollows.editing(), sample);
    }

    private static Element at(Job job, String id) {
        return job.located(new ElementId(id)).element();
    }

    @Test
    void aResultIsNamedAndUsedLater() {
        Job done =
                apply("[{'operation':'add-shape','sheet':1,'shape':{'kind':'box','width':'2.615in','height':'3.42in'},"
                        + "'x':10,'y':10,'name':'Frame','as':'frame'},"
                        + "{'operation':'make-halo','elements':'$frame','settings':{'distance':2},'spread':'each','as':'line'},"
                        + "{'operation':'group','elements':['$frame','$line'],'name':'Sticker','as':'sticker'},"
                        + "{'operation':'turn-to','elements':'$sticker','angle':30}]");

        Element sticker = done.everything()
                .filter(e -> e.name().equals("Sticker"))
                .findFirst()
                .orElseThrow();
        assertThat(sticker.children()).hasSize(2);
        assertThat(done.located(sticker.id()).ownToSheet().rotation()).isCloseTo(30, within(1e-9));
    }

    @Test
    void aStepIsMadeForEachOfMany() {
        Job done = apply("[{'for':'each group','operation':'rename','elements':'$each','name':'Set'},"
                + "{'for':{'name':'dot-*'},'steps':["
                + "{'operation':'duplicate','elements':'$each','dx':0,'dy':7,'count':3,'as':'copies'},"
                + "{'operation':'set-role','elements':'$copies','role':'score'}]}]");

        assertThat(done.everything()
                        .filter(e -> e instanceof GroupElement && e.kind().equals("group")))
                .allMatch(e -> e.name().equals("Set"));
        List<Element> scored =
                done.everything().filter(e -> e.role() == Role.SCORE).toList();
        assertThat(scored).hasSize(6);
        assertThat(scored.stream()
                        .mapToDouble(e -> Extent.onSheet(done.located(e.id()))
                                .orElseThrow()
                                .y())
                        .max()
                        .orElseThrow())
                .isCloseTo(10 + 21, within(1e-9));
    }

    @Test
    void elementsAreFoundByPathRoleKindAndSet() {
        Job done = apply("[{'operation':'hide','elements':['/Cluster/dot-*']},"
                + "{'operation':'lock','elements':{'role':'cut'}},"
                + "{'operation':'pin','elements':{'kind':'text','sheet':1}},"
                + "{'operation':'set-opacity','elements':{'set':'twins'},'opacity':0.5},"
                + "{'operation':'copy-to','elements':{'name':'leaf'},'sheet':'Spare','as':'copy'},"
                + "{'operation':'set-fill','elements':'$copy','fill':'seagreen'}]");

        assertThat(at(done, "dot-1").hidden() && at(done, "dot-2").hidden()).isTrue();
        assertThat(at(done, "spark").locked()).isTrue();
        assertThat(at(done, "wording").pinned()).isTrue();
        assertThat(at(done, "twin-2").opacity()).isEqualTo(0.5);
        assertThat(done.sheets().get(1).elements()).hasSize(1);
        assertThat(((ShapeElement) done.sheets().get(1).elements().getFirst()).fill())
                .isEqualTo(Paint.solid(new Rgba(0x2e, 0x8b, 0x57, 255)));
    }

    @Test
    void aGroupIsMadeAcrossGroups() {
        Job done = apply("[{'operation':'group','elements':['leaf','dot-2'],'name':'Both','as':'both'}]");

        Element both = done.everything()
                .filter(e -> e.name().equals("Both"))
                .findFirst()
                .orElseThrow();
        assertThat(both.children()).extracting(e -> e.id().value()).containsExactly("leaf", "dot-2");
        assertThat(Extent.onSheet(done.located(new ElementId("dot-2"))))
                .isEqualTo(Extent.onSheet(sample.located(new ElementId("dot-2"))));
        assertThat(at(done, "cluster").children()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "[{'operation':'moev','elements':['leaf']}] | operation 1 (moev): there is no operation “moev”; near it are move",
                "[{'operation':'move','elements':['laef'],'dx':1,'dy':1}] | near it are leaf",
                "[{'operation':'move','elements':['leaf'],'dx':1,'dyy':1}] | no field “dyy”; near it are dy, dx",
                "[{'operation':'move','elements':['leaf'],'dx':1}] | needs “dy”",
                "[{'operation':'align','elements':['leaf','stem'],'edge':'tpo','to':'sheet'}] | one of left, centre",
                "[{'operation':'set-stroke','elements':['leaf'],'stroke':{'paint':'#000000','width':1,'dahses':[1]}}] | no field “stroke.dahses”",
                "[{'operation':'make-halo','elements':['leaf'],'settings':{'distanse':2},'spread':'each'}] | near it are distance",
                "[{'operation':'move','elements':['leaf'],'dx':1,'dy':1},{'operation':'hide','elements':'$gone'}] | operation 2 (hide): nothing was named “$gone”",
                "[{'operation':'hide','elements':{'role':'kutt'}}] | kiss-cut",
                "[{'operation':'set-fill','elements':['leaf'],'fill':'seagren'}] | seagren"
            })
    void mistakesAreToldWithTheirPlaceAndWhatWasPerhapsMeant(String recipe, String said) {
        assertThatThrownBy(() -> apply(recipe)).isInstanceOf(Refusal.class).hasMessageContaining(said);
    }

    @Test
    void brokenJsonIsToldWithLineAndColumn() {
        assertThatThrownBy(() -> apply("[\n {'operation':'move' 'elements':[]}\n]"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("line 2, column 2");
    }

    @Test
    void whatIsLeftOutMeansDoItAndNothingIsDeletedUnasked() {
        Job done = apply("[{'operation':'keep-only','elements':['leaf']}]");

        assertThat(done.everything().count()).isEqualTo(sample.everything().count());
        assertThat(done.sheets().getFirst().parks(at(done, "stem"))).isTrue();
    }
}
