package rondel.compose.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.MediaUse;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.words.Refusal;

class ExcerptTest {

    @Test
    void whatIsInsideAGroupLiesWhereItLayAndKeepsItsOrder() {
        Job job = Jobs.of(
                box("back", 0, 0, 5, 5),
                group("nest", Affine.translate(100, 50).times(Affine.rotate(90)), box("egg", 10, 0, 20, 10)));
        Excerpt excerpt = Excerpt.of(job, ids("egg", "back"));
        assertThat(excerpt.elements()).extracting(Element::name).containsExactly("back", "egg");
        Box egg = Extent.of(excerpt.elements().get(1), Affine.IDENTITY).orElseThrow();
        assertThat(egg.x()).isEqualTo(90);
        assertThat(egg.y()).isEqualTo(60);
        assertThat(egg.width()).isEqualTo(10);

        Job alone = excerpt.asJob(job);
        assertThat(alone.sheets()).hasSize(1);
        assertThat(alone.sheets().getFirst().width()).isEqualTo(300);
        assertThat(alone.nextNumber()).isEqualTo(job.nextNumber());
    }

    @Test
    void onlyThePicturesThatAreUsedGoAlong() {
        Job sample = SampleJob.make();
        assertThat(sample.media()).isNotEmpty();
        assertThat(Excerpt.of(sample, ids("leaf")).media()).isEmpty();
        Excerpt window = Excerpt.of(sample, ids("window"));
        assertThat(window.media()).hasSize(1);
        assertThat(MediaUse.of(window.elements()))
                .isEqualTo(window.asJob(sample).media().keySet());
    }

    @Test
    void elementsOfSeveralSheetsAreRefused() {
        Sheet other = Sheet.of(new SheetId("other"), "Other", 50, 50).withElements(List.of(box("there", 0, 0, 5, 5)));
        Job one = Jobs.of(box("here", 0, 0, 5, 5));
        Job two = one.withSheets(List.of(one.sheets().getFirst(), other));
        assertThatThrownBy(() -> Excerpt.of(two, ids("here", "there"))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Excerpt.of(two, ids("gone"))).isInstanceOf(Refusal.class);
    }
}
