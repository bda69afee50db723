package rondel.formats.files;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The command of a program of its own, with this one's Java and classes. */
public final class JavaProgram {

    private JavaProgram() {}

    /** @param options of Java beside those that all of Rondel needs, as {@code -Xmx256m}
     *  @param main the class whose {@code main} it is */
    public static List<String> command(List<String> options, Class<?> main, String... arguments) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xshare:auto",
                "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow",
                "-Djava.awt.headless=true"));
        command.addAll(options);
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), main.getName()));
        command.addAll(List.of(arguments));
        return command;
    }
}
