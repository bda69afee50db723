package rondel.lines.halo;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import rondel.cache.LastUsed;
import rondel.cache.Memo;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.job.HaloSettings;

/** What some artwork covers, wherever on the sheet it stands, with what halos need of it: worked out when it is first asked
 *  for. Everything is a function of the outline alone, so that it does not matter what was asked before. Any thread may ask. */
final class CoveredArtwork {

    /** How far chords may be from curves, in mm: less than a cutter's step. */
    private static final double FLATNESS = 0.004;

    /** As many neighbours as stand around one in rows and columns, before and after it is moved. */
    private static final int BORDERS = 16;

    private final Outline outline;
    private final Map<HaloSettings, Geometry> grown = new HashMap<>();
    private final Memo<HaloSettings, Outline> lines = new Memo<>(new HashMap<>());
    private final Memo<Border, Geometry> borders = new Memo<>(new LastUsed<>(BORDERS));
    private Optional<Geometry> area = Optional.empty();
    private Optional<ArtworkDistance> nearness = Optional.empty();

    /** With whom a halo is parted, and how. */
    private record Border(HaloSettings settings, Neighbour neighbour, double gap) {}

    CoveredArtwork(Outline outline) {
        this.outline = outline;
    }

    Outline outline() {
        return outline;
    }

    Optional<Box> bounds() {
        return outline.bounds();
    }

    synchronized Geometry area() {
        if (area.isEmpty()) {
            area = Optional.of(FlatArea.of(outline, FLATNESS));
        }
        return area.get();
    }

    synchronized ArtworkDistance nearness() {
        if (nearness.isEmpty()) {
            nearness = Optional.of(new ArtworkDistance(area()));
        }
        return nearness.get();
    }

    /** The halo of a settings, where nothing else is near. */
    Outline line(HaloSettings settings) {
        return lines.get(settings, s -> Offsetting.fitted(grown(s), s.smallestHole()));
    }

    /** What a halo of a settings takes in, where nothing else is near. */
    synchronized Geometry grown(HaloSettings settings) {
        Geometry known = grown.get(settings);
        if (known == null) {
            known = Offsetting.grown(area(), settings);
            grown.put(settings, known);
        }
        return known;
    }

    /** What a halo of a settings gives way of to the halo of a neighbour. */
    Geometry givesWay(HaloSettings settings, Neighbour neighbour, double gap) {
        return borders.get(
                new Border(settings, neighbour, gap),
                b -> HalfwayBorder.of(nearness(), grown(settings), neighbour, gap));
    }
}
