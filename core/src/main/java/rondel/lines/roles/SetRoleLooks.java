package rondel.lines.roles;

import java.util.List;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.RoleLook;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Says in which colours and layers the lines of each role leave in files. Roles that are not named leave as is usual.
 *
 * @param looks at most one for each role, in colours that differ */
public record SetRoleLooks(List<RoleLook> looks) implements Operation {

    public SetRoleLooks {
        looks = List.copyOf(looks);
    }

    @Override
    public Job apply(Job job) {
        Job changed = job.withRoleLooks(looks);
        long roles = looks.stream().map(RoleLook::role).distinct().count();
        if (roles < looks.size()) {
            throw Refusal.of("roleLook.twice");
        }
        for (Role a : Role.values()) {
            for (Role b : Role.values()) {
                boolean same = a.compareTo(b) < 0
                        && a != Role.PRINT
                        && b != Role.GUIDE
                        && changed.lookOf(a).colour().equals(changed.lookOf(b).colour());
                if (same) {
                    throw Refusal.of("roleLook.sameColour", Words.of("role." + a), Words.of("role." + b));
                }
            }
        }
        return changed;
    }

    @Override
    public String label() {
        return Words.of("operation.roleLooks");
    }
}
