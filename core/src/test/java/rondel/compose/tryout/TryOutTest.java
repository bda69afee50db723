package rondel.compose.tryout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Ungroup;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.words.Refusal;

class TryOutTest {

    private final Job start = Jobs.of(
            box("sea", 0, 0, 100, 60),
            box("sand", 150, 0, 80, 80),
            box("other", 0, 200, 9, 9),
            box("kelp", 20, 100, 50, 50));
    private final MakeTryOut make = new MakeTryOut(ids("sea", "sand", "kelp"), "Backgrounds");
    private final Job tried = make.apply(start);
    private final List<ElementId> tryOut = make.selects(start, tried);

    private static String shown(Job job, List<ElementId> tryOut) {
        GroupElement g = (GroupElement) job.located(tryOut.getFirst()).element();
        assertThat(g.children().stream().filter(e -> !e.hidden())).hasSize(1);
        return g.children().get(TryOuts.shown(g)).id().value();
    }

    @Test
    void allAreKeptInOnePlaceAndTheFrontmostIsShown() {
        assertThat(shown(tried, tryOut)).isEqualTo("kelp");
        assertThat(tried.located(tryOut.getFirst()).element().kind()).isEqualTo("try-out");
        assertThat(boxOf(tried, tryOut.getFirst().value())).isEqualTo(new Box(20, 100, 50, 50));
        for (String id : List.of("sea", "sand", "kelp")) {
            assertThat(boxOf(tried, id).centre().distanceTo(new Point(45, 125))).isLessThan(1e-9);
        }
        assertThat(Jobs.order(tried)).containsExactly("other", tryOut.getFirst().value());
    }

    @Test
    void flippingGoesRound() {
        Job next = new FlipTryOut(tryOut, 1).apply(tried);
        assertThat(shown(next, tryOut)).isEqualTo("sea");
        assertThat(shown(new FlipTryOut(tryOut, -1).apply(next), tryOut)).isEqualTo("kelp");
        assertThat(shown(new FlipTryOut(tryOut, -1).apply(tried), tryOut)).isEqualTo("sand");
    }

    @Test
    void settlingKeepsWhatIsShownWhereTheTryOutStands() {
        Job moved = new Move(tryOut, 100, 0).apply(new FlipTryOut(tryOut, 1).apply(tried));
        KeepShown keep = new KeepShown(tryOut);
        Job kept = keep.apply(moved);
        assertThat(kept.everything().map(Element::id)).doesNotContain(Jobs.id("kelp"), Jobs.id("sand"));
        assertThat(boxOf(kept, "sea").centre().x()).isCloseTo(145, within(1e-9));
        assertThat(keep.selects(moved, kept)).isEqualTo(ids("sea"));
    }

    @Test
    void ungroupingLosesNone() {
        Job free = new Ungroup(tryOut, false).apply(tried);
        assertThat(Jobs.order(free)).containsExactly("other", "sea", "sand", "kelp");
    }

    @Test
    void whatIsNoTryOutIsRefused() {
        assertThatThrownBy(() -> new FlipTryOut(ids("sea"), 1).apply(start))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("sea");
        assertThatThrownBy(() -> new MakeTryOut(ids("sea"), "").apply(start)).isInstanceOf(Refusal.class);
    }
}
