package rondel.run.stitch;

import java.util.List;
import rondel.job.Hoop;

/** Hoops as they are sold for small machines, by the field that a needle reaches. */
public final class ShippedHoops {

    public static final List<Hoop> ALL = List.of(
            new Hoop("4 x 4 in", 100, 100, false),
            new Hoop("5 x 7 in", 130, 180, false),
            new Hoop("6 x 10 in", 160, 260, false),
            new Hoop("8 x 8 in", 200, 200, false),
            new Hoop("Round 9 cm", 90, 90, true),
            new Hoop("Round 12 cm", 120, 120, true),
            new Hoop("Round 16 cm", 160, 160, true));

    private ShippedHoops() {}
}
