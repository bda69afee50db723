package rondel.desktop.field;

import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import rondel.job.Sheet;
import rondel.units.LengthFormat;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Decimals;
import rondel.words.Refusal;

/** A kind of figure: how it is written and read, by what it steps, and within which bounds it stays.
 *
 * @param step by how much an arrow key changes it
 * @param coarse by how much with Shift */
public record Figure(
        DoubleFunction<String> write,
        ToDoubleFunction<String> read,
        Supplier<Double> step,
        Supplier<Double> coarse,
        double least,
        double most) {

    /** No length that is typed is longer, in mm: two of the longest sheets. */
    private static final double LONGEST = 2 * Sheet.LONGEST;

    private static final double SMALLEST = 1e-6;
    private static final double TURN_STEP = 1;
    private static final double TURN_COARSE = 15;

    /** A length in mm, which may be below 0. */
    public static Figure length(Supplier<LengthUnit> unit) {
        return new Figure(
                mm -> LengthFormat.withUnit(mm, unit.get()),
                text -> LengthParser.mm(text, unit.get()),
                () -> unit.get().fineNudge(),
                () -> unit.get().coarseNudge(),
                -LONGEST,
                LONGEST);
    }

    /** A length in mm above 0, as sizes have. */
    public static Figure size(Supplier<LengthUnit> unit) {
        return length(unit).within(SMALLEST, LONGEST);
    }

    /** A length in mm of at least 0. */
    public static Figure distance(Supplier<LengthUnit> unit) {
        return length(unit).within(0, LONGEST);
    }

    /** Degrees, as many turns as one likes. */
    public static Figure angle() {
        return new Figure(
                v -> plain(v) + "°",
                text -> LengthParser.number(text.replace('°', ' ')),
                () -> TURN_STEP,
                () -> TURN_COARSE,
                -36_000,
                36_000);
    }

    /** A number without a unit.
     *
     * @param suffix what is written behind it, and may be typed or left out */
    public static Figure number(String suffix, double step, double coarse, double least, double most) {
        return new Figure(
                v -> plain(v) + suffix,
                text -> LengthParser.number(suffix.isEmpty() ? text : text.replace(suffix, " ")),
                () -> step,
                () -> coarse,
                least,
                most);
    }

    public Figure within(double newLeast, double newMost) {
        return new Figure(write, read, step, coarse, newLeast, newMost);
    }

    /** What was typed.
     *
     * @throws Refusal if it is no such figure, or out of bounds */
    double of(String text) {
        double value = read.applyAsDouble(text);
        if (!(value >= least && value <= most)) {
            throw Refusal.of("field.range", write.apply(least), write.apply(most));
        }
        return value;
    }

    /** A step up or down, as far as the bounds. */
    DoubleUnaryOperator stepped(boolean up, boolean far) {
        double by = (far ? coarse : step).get() * (up ? 1 : -1);
        return v -> Math.clamp(v + by, least, most);
    }

    private static String plain(double value) {
        return Decimals.plain(value, 3);
    }
}
