package rondel.desktop.command;

import java.util.List;
import rondel.compose.arrange.SetRole;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.Questions;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.lines.roles.Looks;
import rondel.lines.roles.RolesByLook;

/** Commands that open a stage, and that say how what is selected, or has a look, is made. */
public final class RoleCommands {

    private static final int MOST = 16;

    private final Commands all;
    private final Desk desk;
    private final Questions questions;

    RoleCommands(Commands all, Desk desk, Questions questions) {
        this.all = all;
        this.desk = desk;
        this.questions = questions;
    }

    void add() {
        for (Role role : Role.values()) {
            all.put(
                    id(role),
                    () -> !desk.bench().selection().isEmpty(),
                    () -> desk.perform(new SetRole(desk.bench().selectedIds(), role)));
        }
        all.put("rolesByLook", () -> !looks().isEmpty(), () -> questions
                .roles(looks(), desk.bench().job().unit())
                .ifPresent(rules -> desk.perform(new RolesByLook(rules))));
    }

    /** The command that gives a role to what is selected. */
    public static String id(Role role) {
        return "role-" + role;
    }

    private List<RoleRule> looks() {
        return Looks.of(desk.bench().job()).stream().limit(MOST).toList();
    }
}
