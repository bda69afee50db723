package rondel.lines.halo;

import java.util.Arrays;
import java.util.OptionalDouble;
import rondel.job.HaloSettings;
import rondel.words.Refusal;

/** Which figures a halo can have. */
final class HaloFigures {

    private HaloFigures() {}

    /** @param lengths besides those of the settings: not 0, in mm
     *  @throws Refusal if any figure is beyond what a halo can have */
    static void check(HaloSettings settings, OptionalDouble... lengths) {
        boolean sound = Math.abs(settings.distance()) <= MakeHalo.FURTHEST
                && isLength(settings.bridge())
                && isLength(settings.smooth())
                && settings.smallestHole() >= 0
                && settings.threshold() >= 0
                && settings.threshold() <= 1
                && Arrays.stream(lengths)
                        .flatMapToDouble(OptionalDouble::stream)
                        .allMatch(l -> l > 0 && isLength(l));
        if (!sound) {
            throw Refusal.of("halo.bad", MakeHalo.FURTHEST);
        }
    }

    private static boolean isLength(double figure) {
        return figure >= 0 && figure <= MakeHalo.FURTHEST;
    }
}
