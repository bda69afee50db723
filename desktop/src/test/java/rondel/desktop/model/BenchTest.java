package rondel.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Ungroup;
import rondel.compose.sheets.RemoveSheet;
import rondel.compose.sheets.SetUnit;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class BenchTest {

    private final Bench bench = new Bench(SampleJob.make());

    private static List<ElementId> ids(String... ids) {
        return Stream.of(ids).map(ElementId::new).toList();
    }

    private static ElementId id(String id) {
        return new ElementId(id);
    }

    @Test
    void undoBringsBackTheJobAndWhatWasSelected() {
        bench.select(ids("leaf", "stem"));
        Job before = bench.job();
        bench.perform(new Group(bench.selectedIds(), "Spray"));
        ElementId group = bench.selectedIds().getFirst();
        assertThat(bench.level()).extracting(Element::id).contains(group).doesNotContain(id("leaf"));
        bench.undo();
        assertThat(bench.job()).isSameAs(before);
        assertThat(bench.selection()).containsExactlyInAnyOrderElementsOf(ids("leaf", "stem"));
        bench.redo();
        assertThat(bench.selection()).containsExactly(group);
    }

    @Test
    void onlyTheOpenGroupCanBeSelectedAndSteppingOutSelectsIt() {
        bench.stepInto(id("cluster"));
        assertThat(bench.level()).extracting(e -> e.id().value()).containsExactly("dot-1", "dot-2");
        bench.select(ids("leaf", "dot-1"));
        assertThat(bench.selection()).containsExactly(id("dot-1"));
        bench.selectAll();
        assertThat(bench.selection()).hasSize(2);
        bench.stepOut(0);
        assertThat(bench.selection()).containsExactly(id("cluster"));
        bench.stepInto(id("leaf"));
        assertThat(bench.depth()).isZero();
    }

    @Test
    void aGroupThatGoesAwayIsNoLongerOpen() {
        bench.stepInto(id("cluster"));
        bench.perform(new Delete(ids("dot-1", "dot-2")));
        assertThat(bench.depth()).isZero();
        assertThat(bench.level())
                .extracting(e -> e.id().value())
                .contains("leaf", "stem")
                .doesNotContain("cluster");
        bench.undo();
        bench.stepInto(id("cluster"));
        bench.perform(new Ungroup(ids("cluster"), false));
        assertThat(bench.depth()).isZero();
    }

    @Test
    void anEditAboutNoElementLeavesTheSelection() {
        bench.select(ids("leaf"));
        bench.perform(new SetUnit(LengthUnit.IN));
        assertThat(bench.selection()).containsExactly(id("leaf"));
    }

    @Test
    void aSheetThatGoesAwayIsNoLongerShown() {
        bench.show(new SheetId("spare"));
        bench.perform(new RemoveSheet(new SheetId("spare")));
        assertThat(bench.sheet().id()).isEqualTo(new SheetId("sheet-1"));
    }

    @Test
    void aRefusedEditChangesNothingAndIsNotRecorded() {
        Recorder recorder = mock(Recorder.class);
        bench.recordTo(recorder);
        Job before = bench.job();
        List<Throwable> heard = new ArrayList<>();
        bench.onFailure(heard::add);
        bench.perform(new Delete(ids("nobody")), () -> heard.add(new AssertionError("made")));
        assertThat(heard).hasOnlyElementsOfType(Refusal.class).hasSize(1);
        assertThat(bench.job()).isSameAs(before);
        assertThat(bench.canUndo()).isFalse();
        verify(recorder).awaitKept();
        verifyNoMoreInteractions(recorder);
    }

    @Test
    void everyStepIsRecordedInOrderAndAnEditWaitsForThoseBeforeIt() {
        Recorder recorder = mock(Recorder.class);
        bench.recordTo(recorder);
        Job before = bench.job();
        Move move = new Move(ids("leaf"), 1, 2);
        bench.perform(move);
        bench.undo();
        bench.undo();
        bench.redo();
        InOrder order = inOrder(recorder);
        order.verify(recorder).awaitKept();
        order.verify(recorder).done(move);
        order.verify(recorder).undone(before);
        order.verify(recorder).redone(bench.job());
        verifyNoMoreInteractions(recorder);
    }

    @Test
    void workIsUnsavedUntilTheVeryJobIsSaved() {
        assertThat(bench.unsaved()).isFalse();
        bench.perform(new Move(ids("leaf"), 1, 2));
        assertThat(bench.unsaved()).isTrue();
        bench.undo();
        assertThat(bench.unsaved()).isFalse();
        bench.redo();
        bench.savedAs(Path.of("page.rondel"), bench.job());
        assertThat(bench.unsaved()).isFalse();
        assertThat(bench.file()).contains(Path.of("page.rondel"));
        bench.open(SampleJob.make(), Optional.empty());
        assertThat(bench.canUndo()).isFalse();
        assertThat(bench.file()).isEmpty();
    }
}
