package rondel.formats.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.compose.lettering.ArcPath;
import rondel.formats.Fixtures;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.FontChoice;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.operation.Operation;
import rondel.text.Typesetter;
import rondel.words.Refusal;

class LetteringTest {

    private static final FontChoice NUNITO = new FontChoice("Nunito", 400, false);
    private static final FontChoice GARAMOND = new FontChoice("EB Garamond", 400, false);

    private final Typesetter typesetter = new Typesetter(Fixtures.FONTS);

    private Box box(Lettering lettering) {
        return typesetter.outline(lettering).bounds().orElseThrow();
    }

    private static Lettering text(String content) {
        return Lettering.plain(content, NUNITO, 10);
    }

    @Test
    void linesStandOneBelowTheOtherAndAlignAtTheOrigin() {
        Box one = box(text("HHH"));
        Box two = box(text("HHH\nH").withLineSpacing(1.5));
        assertThat(two.bottom() - one.bottom()).isCloseTo(15, within(1e-6));
        assertThat(box(text("HHH\nH").withAlign(TextAlign.MIDDLE)).centre().x()).isCloseTo(0, within(0.05));
        assertThat(box(text("HHH\nH").withAlign(TextAlign.END)).right()).isBetween(-1.5, 0.0);
    }

    @Test
    void featuresSwitchKerningLigaturesAndAlternates() {
        assertThat(box(text("AVAVAV").withFeatures(List.of("-kern"))).width())
                .isGreaterThan(box(text("AVAVAV")).width() + 0.5);
        Lettering flow = Lettering.plain("flowing fish", GARAMOND, 10);
        assertThat(typesetter.outline(flow.withFeatures(List.of("-liga")))).isNotEqualTo(typesetter.outline(flow));
        assertThat(typesetter.outline(flow.withFeatures(List.of("smcp")))).isNotEqualTo(typesetter.outline(flow));
        assertThatThrownBy(() -> typesetter.outline(flow.withFeatures(List.of("not a feature"))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("not a feature");
    }

    @Test
    void textArchesOverACircleAndSagsInIt() {
        Lettering arch = text("HIHH HHIH").withAlign(TextAlign.MIDDLE).withPath(Optional.of(ArcPath.of(40)));
        Box up = box(arch);
        assertThat(up.centre().x()).isCloseTo(0, within(0.3));
        assertThat(up.y()).isBetween(-9.0, -5.0);
        assertThat(up.bottom()).isGreaterThan(5);
        Box down = box(arch.withPath(Optional.of(ArcPath.of(-40))));
        assertThat(down.centre().x()).isCloseTo(0, within(0.3));
        assertThat(down.bottom()).isBetween(0.0, 3.5);
        assertThat(down.y()).isLessThan(-13);
    }

    @Test
    void onAStraightPathTextStandsAsItDoesWithoutOne() {
        Outline line = Outline.of(new java.awt.geom.Line2D.Double(0, 0, 200, 0));
        Box free = box(text("low tide"));
        Box along = box(text("low tide").withPath(Optional.of(line)));
        assertThat(along.x()).isCloseTo(free.x(), within(1e-9));
        assertThat(along.width()).isCloseTo(free.width(), within(1e-9));
        Box right = box(text("low tide").withPath(Optional.of(line)).withAlign(TextAlign.END));
        assertThat(right.right()).isBetween(198.0, 200.0);
    }

    @Test
    void aSingleLetterIsMovedTurnedSizedOrDrawnByAnotherGlyphAndTheTextStaysLive() {
        Lettering plain = text("HHH");
        Lettering.Letter raised = new Lettering.Letter(1, 0, -0.5, 0, 1, Optional.empty());
        assertThat(box(plain.withLetters(List.of(raised))).y())
                .isCloseTo(box(plain).y() - 5, within(1e-6));
        Lettering.Letter grown = new Lettering.Letter(1, 0, 0, 0, 2, Optional.empty());
        assertThat(box(plain.withLetters(List.of(grown))).height())
                .isCloseTo(box(plain).height() * 2, within(0.1));
        Lettering.Letter turned = new Lettering.Letter(0, 0, 0, 90, 1, Optional.empty());
        assertThat(typesetter.outline(plain.withLetters(List.of(turned)))).isNotEqualTo(typesetter.outline(plain));
        Lettering.Letter other = new Lettering.Letter(2, 0, 0, 0, 1, Optional.of(5));
        assertThat(typesetter.outline(plain.withLetters(List.of(other)))).isNotEqualTo(typesetter.outline(plain));
    }

    @Test
    void aRecipeNeedsNoOutlines() throws Exception {
        OperationJson json = new OperationJson(MediaStore.inline());
        String recipe = "{'operation':'add-text','sheet':'sheet-1','x':'2in','y':50,'fill':'#1f6f6b','lettering':"
                + "{'content':'High tide','font':{'family':'Playball'},'size':'1/2 in','align':'middle'}}";
        Operation add = json.read(new ObjectMapper().readTree(recipe.replace('\'', '"')));
        Job done = add.apply(SampleJob.make());
        ElementId made = add.selects(SampleJob.make(), done).getFirst();
        TextElement text = (TextElement) done.located(made).element();
        assertThat(text.content()).isEqualTo("High tide");
        Box placed = Extent.of(text, Affine.IDENTITY).orElseThrow();
        assertThat(placed.centre().x()).isCloseTo(50.8, within(2.0));
        assertThat(json.read(json.write(add))).isEqualTo(add);

        String set = "{'operation':'set-text','element':'wording','lettering':{'content':'Ebb','font':{'family':"
                + "'Nunito'},'size':20,'features':['-kern'],'letters':[{'at':0,'turn':12}]}}";
        Job said =
                json.read(new ObjectMapper().readTree(set.replace('\'', '"'))).apply(SampleJob.make());
        assertThat(((TextElement) said.located(new ElementId("wording")).element()).content())
                .isEqualTo("Ebb");
    }

    @Test
    void whatIsNoTextCannotSaySomethingElse() {
        Operation set = new rondel.compose.lettering.SetText(
                new ElementId("leaf"), text("x"), Optional.of(typesetter.outline(text("x"))));
        assertThatThrownBy(() -> set.apply(SampleJob.make()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("leaf");
        assertThatThrownBy(() -> typesetter.outline(Lettering.plain("x", NUNITO, 0)))
                .isInstanceOf(Refusal.class);
    }
}
