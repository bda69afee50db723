package rondel.units;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A physical unit of length. There is no pixel here: a pixel has no size of its own. */
public enum LengthUnit {
    IN("in", 25.4, 3),
    MM("mm", 1, 2),
    CM("cm", 10, 3),
    PT("pt", 25.4 / 72, 2);

    private final String symbol;
    private final double millimetres;
    private final int decimals;

    LengthUnit(String symbol, double millimetres, int decimals) {
        this.symbol = symbol;
        this.millimetres = millimetres;
        this.decimals = decimals;
    }

    public static Optional<LengthUnit> ofSymbol(String symbol) {
        String s = symbol.toLowerCase(Locale.ROOT);
        return switch (s) {
            case "\"", "″", "inch", "inches" -> Optional.of(IN);
            default -> Arrays.stream(values()).filter(u -> u.symbol.equals(s)).findFirst();
        };
    }

    public String symbol() {
        return symbol;
    }

    public double toMm(double value) {
        return value * millimetres;
    }

    public double fromMm(double mm) {
        return mm / millimetres;
    }

    /** How many decimals a read-out needs to be exact to 0.001 in or 0.01 mm. */
    public int decimals() {
        return decimals;
    }

    /** One step of a nudge in mm: a sixteenth-ish fine step people count in, 0.5 mm or 1/64 in. */
    public double fineNudge() {
        return this == IN ? 25.4 / 64 : this == PT ? toMm(1) : 0.5;
    }

    /** A coarse nudge in mm: 1/8 in, 5 mm or 12 pt. */
    public double coarseNudge() {
        return this == IN ? 25.4 / 8 : this == PT ? toMm(12) : 5;
    }
}
