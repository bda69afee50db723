package rondel.cli;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.job.Folding;
import rondel.job.Licence;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** A choice as files spell it: {@code personal-use}.
 *
 * @param <E> what may be chosen */
abstract class ChoiceConverter<E extends Enum<E>> implements ITypeConverter<E> {

    private final Class<E> type;
    private final String option;

    private ChoiceConverter(Class<E> type, String option) {
        this.type = type;
        this.option = option;
    }

    @Override
    public E convert(String text) {
        String typed = word(text.strip());
        return Arrays.stream(type.getEnumConstants())
                .filter(l -> word(l.name()).equals(typed))
                .findFirst()
                .orElseThrow(() -> new TypeConversionException(Words.of(
                        "cli.choice",
                        option,
                        Arrays.stream(type.getEnumConstants())
                                .map(l -> word(l.name()))
                                .collect(Collectors.joining(", ")),
                        text)));
    }

    private static String word(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static final class OfLicence extends ChoiceConverter<Licence> {
        OfLicence() {
            super(Licence.class, "--licence");
        }
    }

    static final class OfFold extends ChoiceConverter<Folding.Kind> {
        OfFold() {
            super(Folding.Kind.class, "--fold");
        }
    }

    static final class OfTurning extends ChoiceConverter<Folding.Turning> {
        OfTurning() {
            super(Folding.Turning.class, "--turning");
        }
    }

    static final class OfWay extends ChoiceConverter<GangCommand.WayName> {
        OfWay() {
            super(GangCommand.WayName.class, "--way");
        }
    }

    /** A unit that something is drawn in. */
    static final class Unit extends ChoiceConverter<LengthUnit> {
        Unit() {
            super(LengthUnit.class, "--unit");
        }
    }
}
