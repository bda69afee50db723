package rondel.formats.svg;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import rondel.job.Role;

/** Roles as the data-role attribute spells them: {@code kiss-cut}. */
final class RoleWords {

    private RoleWords() {}

    static String word(Role role) {
        return role.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static Optional<Role> role(String word) {
        return Arrays.stream(Role.values()).filter(r -> word(r).equals(word)).findFirst();
    }
}
