package rondel.cli;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.devices.Misfeed;
import rondel.words.Words;

/** A misfeed as it is typed: right and up in mm, turned in degrees, scale. */
final class MisfeedConverter implements ITypeConverter<Misfeed> {

    @Override
    public Misfeed convert(String text) {
        String[] parts = text.split(",");
        try {
            if (parts.length == 4) {
                double[] f = java.util.Arrays.stream(parts)
                        .mapToDouble(p -> Double.parseDouble(p.strip()))
                        .toArray();
                if (f[3] > 0.5 && f[3] < 2 && Double.isFinite(f[0] + f[1] + f[2])) {
                    return new Misfeed(f[0], f[1], f[2], f[3]);
                }
            }
        } catch (NumberFormatException e) {
            throw new TypeConversionException(Words.of("cli.noMisfeed", text));
        }
        throw new TypeConversionException(Words.of("cli.noMisfeed", text));
    }
}
