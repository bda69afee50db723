package rondel.cli;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.words.Words;

/** Where a machine listens. */
record HostAndPort(String host, int port) {

    /** As {@code localhost:9100}. */
    static final class Converter implements ITypeConverter<HostAndPort> {
        @Override
        public HostAndPort convert(String text) {
            int colon = text.lastIndexOf(':');
            String port = text.substring(colon + 1);
            if (colon < 1 || !port.matches("\\d{1,5}") || Integer.parseInt(port) > 65_535) {
                throw new TypeConversionException(Words.of("cli.noAddress", text));
            }
            return new HostAndPort(text.substring(0, colon), Integer.parseInt(port));
        }
    }
}
