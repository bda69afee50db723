package rondel.lines.roles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Hide;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Lock;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Place;
import rondel.compose.arrange.SetRole;
import rondel.geometry.Affine;
import rondel.history.History;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.words.Refusal;

class RolesTest {

    private static final Rgba RED = new Rgba(200, 0, 0, 255);
    private static final RoleRule RED_LINES =
            new RoleRule(Optional.of(RED), Optional.of(false), OptionalDouble.empty(), Role.CUT);
    private static final RoleRule DASHES =
            new RoleRule(Optional.empty(), Optional.of(true), OptionalDouble.empty(), Role.SCORE);

    private static ShapeElement lined(String id, double x, List<Double> dashes) {
        Stroke stroke = new Stroke(Paint.solid(RED), 1, Stroke.Cap.BUTT, Stroke.Join.MITER, 4, dashes, 0);
        return box(id, x, 10, 20, 20).withFill(Paint.NONE).withStroke(Optional.of(stroke));
    }

    private static Role role(Job job, String id) {
        return job.located(id(id)).element().role();
    }

    @Test
    void linesGetTheirRoleByColourAndByDashesWhereverTheyAre() {
        Job job = Jobs.of(
                group("g", Affine.IDENTITY, lined("cut", 10, List.of())),
                lined("fold", 50, List.of(2.0, 1.0)),
                box("art", 90, 10, 20, 20));
        Job ruled = new RolesByLook(List.of(RED_LINES, DASHES)).apply(job);
        assertThat(role(ruled, "cut")).isEqualTo(Role.CUT);
        assertThat(role(ruled, "fold")).isEqualTo(Role.SCORE);
        assertThat(role(ruled, "art")).isEqualTo(Role.PRINT);
        assertThatThrownBy(() -> new RolesByLook(List.of(
                                new RoleRule(Optional.empty(), Optional.empty(), OptionalDouble.empty(), Role.CUT)))
                        .apply(job))
                .isInstanceOf(Refusal.class);
    }

    /** Thick and thin lines of one colour are told apart, as they are on the sheet. */
    @Test
    void linesOfOneColourAreToldApartByTheirWidthOnTheSheet() {
        Job job = Jobs.of(
                lined("thick", 10, List.of()),
                group("half", Affine.scale(0.5, 0.5), lined("thin", 50, List.of()), box("art", 90, 10, 20, 20)));
        List<RoleRule> looks = Looks.of(job);
        assertThat(looks).hasSize(3);
        assertThat(looks.subList(0, 2)).extracting(r -> r.width().orElseThrow()).containsExactly(0.5, 1.0);
        assertThat(looks.get(2).dashed()).isEmpty();
        Job ruled = new RolesByLook(
                        List.of(new RoleRule(Optional.of(RED), Optional.empty(), OptionalDouble.of(0.5), Role.SCORE)))
                .apply(job);
        assertThat(role(ruled, "thin")).isEqualTo(Role.SCORE);
        assertThat(role(ruled, "thick")).isEqualTo(Role.PRINT);
        assertThat(Looks.of(ruled)).extracting(RoleRule::role).containsExactly(Role.SCORE, Role.PRINT, Role.PRINT);
        assertThat(Looks.of(new RolesByLook(List.of(RED_LINES)).apply(job)))
                .extracting(RoleRule::role)
                .containsExactly(Role.CUT, Role.CUT, Role.PRINT);
    }

    @Test
    void theRulesAreKeptAndWhatIsPlacedLaterFollowsThem() {
        History history = WhatFollows.editing()
                .begin(Jobs.of(lined("locked", 10, List.of())))
                .then(new Lock(ids("locked"), true))
                .then(new RolesByLook(List.of(RED_LINES)))
                .then(new Place(
                        Jobs.SHEET, List.of(lined("later", 60, List.of()), box("art", 90, 10, 5, 5)), List.of()));
        assertThat(role(history.job(), "locked")).isEqualTo(Role.PRINT);
        assertThat(role(history.job(), "later")).isEqualTo(Role.CUT);
        assertThat(role(history.job(), "art")).isEqualTo(Role.PRINT);
    }

    @Test
    void theLegendCountsLinesAndTheirLengthAndWhatIsHiddenOrParkedApart() {
        Job job = Jobs.of(
                group("g", Affine.scale(2, 2), lined("a", 10, List.of())),
                lined("b", 100, List.of()),
                lined("hidden", 150, List.of()),
                lined("parked", 400, List.of()));
        Job cut = new RolesByLook(List.of(RED_LINES)).apply(new Hide(ids("hidden"), true).apply(job));
        Map<Role, MadeLines.Tally> tallies = MadeLines.of(cut.sheet(Jobs.SHEET)).tallies();
        assertThat(tallies.keySet()).containsExactly(Role.CUT);
        assertThat(tallies.get(Role.CUT).lines()).isEqualTo(2);
        assertThat(tallies.get(Role.CUT).length()).isCloseTo(160 + 80, within(1e-9));
        assertThat(MadeLines.of(cut.sheet(Jobs.SHEET)).asideTally().lines()).isEqualTo(2);
    }

    @Test
    void aRoleThatWasGivenByHandIsNotOverwritten() {
        History history = WhatFollows.editing()
                .begin(Jobs.of())
                .then(new RolesByLook(List.of(RED_LINES)))
                .then(new Place(
                        Jobs.SHEET,
                        List.of(
                                lined("scored", 10, List.of()).with(t -> t.withRole(Role.SCORE)),
                                lined("ruled", 60, List.of())),
                        List.of()));
        assertThat(role(history.job(), "scored")).isEqualTo(Role.SCORE);
        assertThat(role(history.job(), "ruled")).isEqualTo(Role.CUT);
        History printed = history.then(new SetRole(ids("ruled"), Role.PRINT)).then(new Move(ids("ruled"), 3, 0));
        assertThat(role(printed.job(), "ruled")).isEqualTo(Role.PRINT);
    }
}
