package rondel.launcher;

import java.util.Locale;

/** Whether a window can be shown. */
final class Display {

    private Display() {}

    /** On Linux a display server must be named; elsewhere there always is one. A chosen toolkit platform counts as one. */
    static boolean isThere() {
        boolean linux = System.getProperty("os.name").toLowerCase(Locale.ROOT).contains("linux");
        return !linux || named("DISPLAY") || named("WAYLAND_DISPLAY") || System.getProperty("glass.platform") != null;
    }

    /** Has the toolkit paint into memory. To be called before it starts. */
    static void useHeadlessToolkit() {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
    }

    private static boolean named(String variable) {
        String value = System.getenv(variable);
        return value != null && !value.isBlank();
    }
}
