package rondel.cli;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.job.Rgba;
import rondel.words.Words;

/** A colour as it is typed: six digits after a hash. */
final class ColourConverter implements ITypeConverter<Rgba> {

    @Override
    public Rgba convert(String text) {
        if (!text.matches("#?[0-9a-fA-F]{6}")) {
            throw new TypeConversionException(Words.of("cli.noColour", text));
        }
        int rgb = Integer.parseInt(text.replace("#", ""), 16);
        return new Rgba(rgb >> 16, rgb >> 8 & 255, rgb & 255, 255);
    }
}
