package rondel.desktop.command;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** The one table of commands, {@code commands.table}: where each stands, its keys, what it needs, and its icon. */
public final class CommandTable {

    /** A line between rows of a menu. */
    static final String LINE = "-";

    /** What stands before the name of a menu inside of a menu. */
    static final String SUBMENU = ">";

    /** What stands for all demo jobs. */
    static final String DEMOS = "demo-*";

    private static final CommandTable ALL = read();

    /** What the table says of a command.
     *
     * @param keys as JavaFX spells them; empty for none
     * @param everywhere whether it works on every stage, and wherever the keyboard is
     * @param needs the key under {@code needs.} of what is missing where it can't be used; empty for what always can */
    record Row(String id, String keys, boolean everywhere, String needs, String icon) {}

    private final Map<String, Row> rows = new LinkedHashMap<>();
    private final Map<String, List<String>> menus = new LinkedHashMap<>();
    private final Map<String, Map<Integer, String>> hands = new HashMap<>();

    private CommandTable() {}

    static Optional<Row> row(String id) {
        return Optional.ofNullable(ALL.rows.get(id));
    }

    /** The ids of all commands that it has. */
    public static List<String> ids() {
        return List.copyOf(ALL.rows.keySet());
    }

    /** The rows of a menu, with lines and menus inside of it. */
    static List<String> menu(String name) {
        return ALL.menus.getOrDefault(name, List.of());
    }

    /** The commands for a kind of thing, the likeliest first. */
    static List<String> hand(String kind) {
        return List.copyOf(ALL.hands.getOrDefault(kind, Map.of()).values());
    }

    private static CommandTable read() {
        CommandTable table = new CommandTable();
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                CommandTable.class.getResourceAsStream("/rondel/desktop/commands.table"), StandardCharsets.UTF_8))) {
            List<String> menu = new ArrayList<>();
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                String text = line.strip();
                if (text.startsWith("[")) {
                    menu = new ArrayList<>();
                    table.menus.put(text.substring(1, text.length() - 1), menu);
                } else if (!text.isEmpty() && !text.startsWith("#")) {
                    menu.add(table.entry(text));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return table;
    }

    /** A line of the table as a row of a menu. */
    private String entry(String text) {
        String[] columns = text.split("\\|", -1);
        String id = columns[0].strip();
        if (columns.length == 1) {
            return id;
        }
        String[] all = new String[6];
        for (int i = 0; i < all.length; i++) {
            all[i] = i < columns.length ? columns[i].strip() : "";
        }
        if (rows.put(id, new Row(id, all[1], all[2].equals("job"), all[3], all[5])) != null) {
            throw new IllegalStateException("twice in the table of commands: " + id);
        }
        for (String place : all[4].isEmpty() ? new String[0] : all[4].split(", *")) {
            String[] kind = place.split(":");
            hands.computeIfAbsent(kind[0], k -> new TreeMap<>()).put(Integer.parseInt(kind[1]), id);
        }
        return id;
    }
}
