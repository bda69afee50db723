package rondel.cli;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.job.Licence;
import rondel.words.Words;

/** A licence as files spell it: {@code personal-use}. */
final class LicenceConverter implements ITypeConverter<Licence> {

    @Override
    public Licence convert(String text) {
        String typed = text.strip().toLowerCase(Locale.ROOT).replace('_', '-');
        return Arrays.stream(Licence.values())
                .filter(l -> word(l).equals(typed))
                .findFirst()
                .orElseThrow(() -> new TypeConversionException(Words.of(
                        "cli.choice",
                        "--licence",
                        Arrays.stream(Licence.values())
                                .map(LicenceConverter::word)
                                .collect(Collectors.joining(", ")),
                        text)));
    }

    private static String word(Licence licence) {
        return licence.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
