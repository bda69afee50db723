package rondel.launcher.demo;

import java.util.List;
import java.util.OptionalDouble;
import rondel.geometry.Box;
import rondel.job.BackdropSettings;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.lines.backdrop.ClearBackdrop;
import rondel.lines.halo.MakeHalo;
import rondel.units.LengthUnit;

/** Two finds on one photo: its backdrop cleared, a kiss-cut line around each. */
final class PhotoStickers {

    private PhotoStickers() {}

    static Job make() {
        Making m = new Making(Job.blank("Photo stickers", LengthUnit.IN, 152.4, 101.6));
        ElementId photo = m.placeWithin("pictures/beach-finds.jpg", new Box(12, 8, 128, 86));
        m.then(new ClearBackdrop(List.of(photo), BackdropSettings.USUAL));
        HaloSettings rim = new HaloSettings(2.5, HaloSettings.Corners.ROUND, 4, HaloSettings.ALL_HOLES, 1, 0.5);
        m.then(new MakeHalo(List.of(photo), rim, OptionalDouble.empty(), MakeHalo.Spread.EACH, OptionalDouble.empty()));
        return m.job();
    }
}
