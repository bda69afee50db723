package rondel.desktop.command;

import java.util.ArrayList;
import java.util.List;
import rondel.words.Words;

/** All keys as a page of Markdown: docs/keys.md is this text. On a Mac, Cmd stands for Ctrl. */
public final class KeyList {

    private KeyList() {}

    public static String markdown(Commands commands) {
        StringBuilder out = new StringBuilder("# ")
                .append(Words.of("keys.title"))
                .append("\n\n")
                .append(Words.of("keys.intro"))
                .append("\n\n| ")
                .append(Words.of("keys.key"))
                .append(" | ")
                .append(Words.of("keys.does"))
                .append(" |\n|---|---|\n");
        List<Command> without = new ArrayList<>();
        for (Command c : commands.all()) {
            if (c.id().startsWith("demo-")) {
                continue;
            }
            if (c.keys().isPresent()) {
                out.append("| ").append(name(c)).append(" | ").append(c.does()).append(" |\n");
            } else {
                without.add(c);
            }
        }
        out.append("\n").append(Words.of("keys.without")).append("\n\n");
        without.forEach(c ->
                out.append("- ").append(c.label()).append(": ").append(c.does()).append('\n'));
        return out.toString();
    }

    /** The same on every system, which a key's own text is not. */
    private static String name(Command c) {
        return c.keys()
                .orElseThrow()
                .getName()
                .replace("Shortcut", "Ctrl")
                .replace("Close Bracket", "]")
                .replace("Open Bracket", "[")
                .replace("Equals", "=")
                .replace("Minus", "-")
                .replace("Period", ".")
                .replace("Comma", ",");
    }
}
