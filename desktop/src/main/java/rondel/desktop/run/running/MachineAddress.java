package rondel.desktop.run.running;

import rondel.words.Refusal;

/** Where something is sent. */
public sealed interface MachineAddress {

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
