package rondel.desktop.command;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rondel.desktop.app.Desk;
import rondel.desktop.app.Questions;
import rondel.desktop.model.StageChoice;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.roles.RolesByLook;

/** Commands that open a stage, and that say how things of a look are made. */
final class RoleCommands {

    private static final int MOST = 10;

    private final Commands all;
    private final Desk desk;
    private final Questions questions;
    private final StageChoice stages;

    RoleCommands(Commands all, Desk desk, Questions questions, StageChoice stages) {
        this.all = all;
        this.desk = desk;
        this.questions = questions;
        this.stages = stages;
    }

    void add() {
        all.put("stageCompose", "Shortcut+F1", () -> true, () -> stages.open(StageChoice.Stage.COMPOSE));
        all.put("stageLines", "Shortcut+F2", () -> true, () -> stages.open(StageChoice.Stage.LINES));
        all.put("rolesByLook", "", () -> !looks().isEmpty(), () -> questions
                .roles(looks())
                .ifPresent(rules -> desk.perform(new RolesByLook(rules))));
    }

    /** The looks of lines there are, each with the role it has by the job's rules, or print. */
    private List<RoleRule> looks() {
        Job job = desk.bench().job();
        Set<RoleRule> looks = new LinkedHashSet<>();
        job.everything()
                .flatMap(RoleCommands::look)
                .forEach(look -> looks.add(job.roleRules().stream()
                        .filter(r ->
                                r.colour().equals(look.colour()) && r.dashed().equals(look.dashed()))
                        .findFirst()
                        .orElse(look)));
        return new ArrayList<>(looks).subList(0, Math.min(MOST, looks.size()));
    }

    private static Stream<RoleRule> look(Element e) {
        if (!(e instanceof ShapeElement s) || e instanceof GroupElement) {
            return Stream.empty();
        }
        Optional<Stroke> stroke = s.stroke().filter(Stroke::visible);
        Paint paint = stroke.map(Stroke::paint).orElse(s.fill());
        Optional<Boolean> dashed = stroke.map(k -> !k.dashes().isEmpty());
        return paint instanceof Paint.Solid p
                ? Stream.of(new RoleRule(Optional.of(opaque(p.colour())), dashed, Role.PRINT))
                : Stream.empty();
    }

    private static Rgba opaque(Rgba colour) {
        return colour.withAlpha(255);
    }
}
