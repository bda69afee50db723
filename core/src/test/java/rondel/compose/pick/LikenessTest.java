package rondel.compose.pick;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Hide;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Rotate;
import rondel.compose.arrange.SetFill;
import rondel.compose.arrange.SetRole;
import rondel.compose.arrange.SetStroke;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.Stroke;

class LikenessTest {

    private static final Rgba RED = new Rgba(200, 0, 0, 255);

    private final Job job = Jobs.of(
            box("a", 0, 0, 10, 20),
            box("b", 40, 0, 10, 20),
            box("c", 80, 0, 30, 30),
            group("g", Affine.IDENTITY, box("d", 0, 50, 10, 20)));

    private static List<ElementId> alike(Job job, Likeness how, String like) {
        return how.among(job.sheet(Jobs.SHEET).elements(), Affine.IDENTITY, Set.of(id(like)));
    }

    @Test
    void sameFillLineAndRoleAreFoundInGroupsToo() {
        Job red = new SetFill(ids("a", "d"), Paint.solid(RED)).apply(job);
        assertThat(alike(red, Likeness.FILL, "a")).isEqualTo(ids("a", "g"));
        Job lined = new SetStroke(ids("b", "c"), Optional.of(Stroke.plain(RED, 1))).apply(job);
        assertThat(alike(lined, Likeness.LINE, "c")).isEqualTo(ids("b", "c"));
        Job cut = new SetRole(ids("a", "c"), Role.CUT).apply(job);
        assertThat(alike(cut, Likeness.ROLE, "a")).isEqualTo(ids("a", "c"));
        assertThat(alike(job, Likeness.KIND, "g")).isEqualTo(ids("g"));
    }

    @Test
    void sameSizeCountsAlongAThingsOwnSides() {
        Job turned = new Rotate(ids("b"), 33, Anchor.CENTRE).apply(job);
        assertThat(alike(turned, Likeness.SIZE, "a")).isEqualTo(ids("a", "b", "g"));
    }

    @Test
    void hiddenThingsAreNotFound() {
        Job hidden = new Hide(ids("b"), true).apply(job);
        assertThat(alike(hidden, Likeness.SIZE, "a")).isEqualTo(ids("a", "g"));
    }
}
