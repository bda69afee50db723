package rondel.formats.export;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.job.Role;
import rondel.words.Refusal;

/** What of a sheet goes into a file.
 *
 * @param roles for lines: which */
public record ExportWhat(Kind kind, Set<Role> roles) {

    /** What there is to choose. */
    public enum Kind {
        /** Everything that is made. */
        ALL,
        /** What is printed, without lines that a tool follows. */
        PRINT,
        /** Lines that a tool follows, and nothing that is printed. */
        LINES,
        /** What is printed, with all lines shown on it. */
        PROOF
    }

    private static final Set<Role> TOOLED = EnumSet.of(Role.CUT, Role.KISS_CUT, Role.SCORE, Role.DRAW, Role.STITCH);

    public static final ExportWhat ALL = new ExportWhat(Kind.ALL, Set.of());
    public static final ExportWhat PRINT = new ExportWhat(Kind.PRINT, Set.of());
    public static final ExportWhat PROOF = new ExportWhat(Kind.PROOF, Set.of());
    public static final ExportWhat LINES = new ExportWhat(Kind.LINES, TOOLED);

    public ExportWhat {
        roles = roles.isEmpty() ? Set.of() : Set.copyOf(roles);
    }

    /** The lines of one role. */
    public static ExportWhat lines(Role role) {
        return new ExportWhat(Kind.LINES, Set.of(role));
    }

    /** {@code all}, {@code print}, {@code lines}, {@code proof}, or roles with commas between them: {@code cut,score}.
     *
     * @throws Refusal if it is none of them */
    public static ExportWhat parse(String text) {
        return switch (text.strip().toLowerCase(Locale.ROOT)) {
            case "all" -> ALL;
            case "print" -> PRINT;
            case "lines" -> LINES;
            case "proof" -> PROOF;
            default ->
                new ExportWhat(
                        Kind.LINES,
                        Arrays.stream(text.split(",")).map(ExportWhat::role).collect(Collectors.toSet()));
        };
    }

    private static Role role(String word) {
        return TOOLED.stream()
                .filter(r -> word(r).equals(word.strip().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> Refusal.of("export.notWhat", word.strip()));
    }

    /** As it is typed: {@code kiss-cut}. */
    public static String word(Role role) {
        return role.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether a file has lines for a tool and nothing else. */
    public boolean onlyLines() {
        return kind == Kind.LINES;
    }
}
