package rondel.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Sheet;

class SheetFormTest {

    private final Job job = SampleJob.make();
    private final Sheet sheet = job.sheets().getFirst();

    @Test
    void whatIsSoAlreadyIsNoEdit() {
        assertThat(SheetForm.of(sheet).change(sheet)).isEmpty();
    }

    @Test
    void whatIsChangedIsOneEdit() {
        SheetForm form = new SheetForm("Front", 127, 177.8, 3.175, 6.35, Optional.of(new Rgba(5, 6, 7, 255)));
        Sheet changed = form.change(sheet).orElseThrow().apply(job).sheets().getFirst();
        assertThat(SheetForm.of(changed)).isEqualTo(form);
        assertThat(changed.elements()).isEqualTo(sheet.elements());
    }

    @Test
    void aFurtherSheetIsLikeTheOneThatIsShown() {
        SheetForm suggested = SheetForm.after(job, sheet);
        assertThat(suggested.name()).isEqualTo("Sheet 3");
        Sheet added = suggested.addition(job).apply(job).sheets().getLast();
        assertThat(SheetForm.of(added)).isEqualTo(suggested);
        assertThat(added.elements()).isEmpty();
    }

    @Test
    void aSizeIsKnownByItsNameAndAnyOtherIsTheirOwn() {
        assertThat(SheetFormat.of(215.9, 279.4).key()).isEqualTo("letter");
        assertThat(SheetFormat.of(215.9, 279.5).key()).isEqualTo("own");
        assertThat(SheetFormat.USUAL).allSatisfy(f -> assertThat(f.toString()).isNotBlank());
    }
}
