package rondel.job;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.words.Refusal;

/** With which inks a print shop prints.
 *
 * @param converted whether colours are said in the press's cyan, magenta, yellow and black; else they stay screen colours that say what they are
 * @param white what the white ink under all that is printed is called, for clear and foil stock; without, there is none
 * @param choke how far the white stays inside the edges of what is printed, in mm, so that none shows; 0 or more
 * @param spots colours that are printed with inks of their own */
public record PrintInks(
        @LeftOut("false") boolean converted,
        Optional<String> white,
        @LeftOut("0.15") @Mm double choke,
        @LeftOut("[]") List<Spot> spots) {

    /** As far as sheets shift between two inks. */
    public static final double USUAL_CHOKE = 0.15;

    public static final PrintInks USUAL = new PrintInks(false, Optional.empty(), USUAL_CHOKE, List.of());

    private static final double MOST_CHOKE = 5;
    private static final Set<String> PROCESS = Set.of("cyan", "magenta", "yellow", "black", "all", "none");

    /** A colour of the job that is an ink.
     *
     * @param name of the ink */
    public record Spot(Rgba colour, String name) {
        /** @throws Refusal if it has no name, or that of an ink that presses have anyway */
        public Spot {
            name = named(name);
        }
    }

    /** Spots as they are typed: {@code #d4af37=Gold foil}, with commas between them.
     *
     * @throws Refusal if one is none */
    public static List<Spot> spots(String typed) {
        return Arrays.stream(typed.split(","))
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .map(PrintInks::spot)
                .toList();
    }

    private static Spot spot(String typed) {
        if (!typed.matches("#[0-9A-Fa-f]{6}\\s*=.+")) {
            throw Refusal.of("inks.spot", typed);
        }
        int rgb = Integer.parseInt(typed.substring(1, 7), 16);
        return new Spot(new Rgba(rgb >> 16, rgb >> 8 & 255, rgb & 255, 255), typed.substring(typed.indexOf('=') + 1));
    }

    /** @throws Refusal if a name is none, two are alike, or the choke is none */
    public PrintInks {
        white = white.map(PrintInks::named);
        spots = List.copyOf(spots);
        if (!(choke >= 0 && choke <= MOST_CHOKE)) {
            throw Refusal.of("inks.choke");
        }
        Set<String> names = new HashSet<>();
        white.ifPresent(names::add);
        for (Spot s : spots) {
            if (!names.add(s.name())) {
                throw Refusal.of("inks.twice", s.name());
            }
        }
    }

    private static String named(String name) {
        String plain = name.strip();
        if (plain.isEmpty() || PROCESS.contains(plain.toLowerCase(java.util.Locale.ROOT))) {
            throw Refusal.of("inks.noName", plain);
        }
        return plain;
    }

    public PrintInks converted(boolean other) {
        return new PrintInks(other, white, choke, spots);
    }

    public PrintInks withWhite(Optional<String> other) {
        return new PrintInks(converted, other, choke, spots);
    }

    public PrintInks withSpots(List<Spot> other) {
        return new PrintInks(converted, white, choke, other);
    }
}
