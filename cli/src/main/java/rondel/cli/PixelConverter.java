package rondel.cli;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.words.Words;

/** A number of pixels: {@code 1200px} or {@code 1200}. */
final class PixelConverter implements ITypeConverter<Integer> {

    @Override
    public Integer convert(String text) {
        String number = text.strip().toLowerCase(java.util.Locale.ROOT).replaceFirst("\\s*px$", "");
        if (!number.matches("\\d{1,6}") || Integer.parseInt(number) == 0) {
            throw new TypeConversionException(Words.of("cli.notPixels", text));
        }
        return Integer.parseInt(number);
    }
}
