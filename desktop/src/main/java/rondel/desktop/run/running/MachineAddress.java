package rondel.desktop.run.running;

import rondel.words.Refusal;

/** Where something is sent. */
public sealed interface MachineAddress {

    /** As it is written down: nothing for the stand-in. */
    default String text() {
        return switch (this) {
            case StandIn s -> "";
            case Port p -> p.host() + ":" + p.port();
            case SystemPrinter p -> "printer " + p.name();
            case ToFile f -> "file";
        };
    }

    /** What was written down by {@link #text}; the stand-in where that is no address. */
    static MachineAddress ofText(String text) {
        if (text.startsWith("printer ")) {
            return new SystemPrinter(text.substring("printer ".length()));
        }
        if (text.equals("file")) {
            return new ToFile();
        }
        try {
            return text.isBlank() ? new StandIn() : Port.of(text);
        } catch (Refusal noAddress) {
            return new StandIn();
        }
    }

    /** The stand-in that ships with Rondel, which is started for it. */
    record StandIn() implements MachineAddress {}

    /** A machine that listens somewhere. */
    record Port(String host, int port) implements MachineAddress {

        private static final int HIGHEST = 65_535;

        /** As {@code localhost:9100}.
         *
         * @throws Refusal if it is no address */
        public static Port of(String text) {
            int colon = text.lastIndexOf(':');
            String port = text.substring(colon + 1).strip();
            if (colon < 1 || !port.matches("\\d{1,5}") || Integer.parseInt(port) > HIGHEST) {
                throw Refusal.of("run.noAddress", text);
            }
            return new Port(text.substring(0, colon).strip(), Integer.parseInt(port));
        }
    }

    /** A printer of the system, by its name. */
    record SystemPrinter(String name) implements MachineAddress {}

    /** A file that is asked for. */
    record ToFile() implements MachineAddress {}
}
