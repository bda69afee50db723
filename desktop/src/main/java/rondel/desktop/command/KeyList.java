package rondel.desktop.command;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import rondel.words.Words;

/** All keys as a page of Markdown: docs/keys.md is this text. On a Mac, Cmd stands for Ctrl. */
public final class KeyList {

    private KeyList() {}

    /** The commands that have keys, by the menu they are in; last those that are in none. */
    public static Map<String, List<Command>> byMenu(Commands commands) {
        Map<String, List<Command>> found = new LinkedHashMap<>();
        Set<String> there = new HashSet<>();
        for (Menu menu : Menus.bar(commands, refused -> {})) {
            List<Command> rows = inside(menu)
                    .filter(c -> c.keys().isPresent() && there.add(c.id()))
                    .toList();
            if (!rows.isEmpty()) {
                found.put(menu.getText(), rows);
            }
        }
        List<Command> others = new ArrayList<>();
        for (Command c : commands.all()) {
            if (c.keys().isPresent() && there.add(c.id())) {
                others.add(c);
            }
        }
        found.put(Words.of("keys.more"), others);
        return found;
    }

    private static Stream<Command> inside(MenuItem item) {
        return item instanceof Menu menu
                ? menu.getItems().stream().flatMap(KeyList::inside)
                : Stream.of(item)
                        .map(MenuItem::getUserData)
                        .filter(Command.class::isInstance)
                        .map(Command.class::cast);
    }

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
