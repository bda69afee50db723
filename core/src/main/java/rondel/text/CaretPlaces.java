package rondel.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Lettering;
import rondel.job.TextAlign;

/** Where the caret may stand in a set text, in the text's own space: one place for each index of the content, and one behind the
 *  last. A ligature is parted evenly among its characters; lines that run from right to left have theirs on the other side. */
public final class CaretPlaces {

    /** How far the caret reaches above and below the baseline, in ems: about as high as ascenders and as deep as descenders. */
    private static final double UP = 0.85;

    private static final double DOWN = 0.25;

    /** A place of the caret: from its upper to its lower end. */
    public record Place(int line, Point top, Point bottom) {

        public Point middle() {
            return new Point((top.x() + bottom.x()) / 2, (top.y() + bottom.y()) / 2);
        }
    }

    private final List<Place> places;

    private CaretPlaces(List<Place> places) {
        this.places = places;
    }

    /** @param letters as the typesetter set the lettering */
    public static CaretPlaces of(Lettering lettering, List<PlacedLetter> letters) {
        List<Place> places = new ArrayList<>();
        String[] lines = lettering.content().split("\n", -1);
        int start = 0;
        for (int i = 0; i < lines.length; i++) {
            int from = start;
            int to = start + lines[i].length();
            List<PlacedLetter> line =
                    letters.stream().filter(l -> l.at() >= from && l.at() < to).toList();
            line(lettering, line, i, from, to, places);
            start = to + 1;
        }
        return new CaretPlaces(List.copyOf(places));
    }

    private static void line(Lettering l, List<PlacedLetter> line, int number, int from, int to, List<Place> places) {
        if (line.isEmpty()) {
            Affine at = empty(l, number);
            for (int i = from; i <= to; i++) {
                places.add(place(l, number, at, 0));
            }
            return;
        }
        boolean backwards = line.getFirst().at() > line.getLast().at();
        Place[] found = new Place[to - from + 1];
        for (PlacedLetter letter : line) {
            int next = next(line, letter.at(), to);
            int parts = Math.max(1, next - letter.at());
            for (int k = 0; k <= parts; k++) {
                double share = (double) k / parts - 0.5;
                int index = letter.at() + k - from;
                // The first of two letters says where the caret stands between them, but the last of the line its end.
                if (k < parts || next == to) {
                    found[index] = place(l, number, letter.base(), letter.advance() * (backwards ? -share : share));
                }
            }
        }
        Place before = place(l, number, line.getFirst().base(), -line.getFirst().advance() / 2);
        for (Place p : found) {
            before = p == null ? before : p;
            places.add(before);
        }
    }

    private static int next(List<PlacedLetter> line, int at, int end) {
        return line.stream()
                .mapToInt(PlacedLetter::at)
                .filter(a -> a > at)
                .min()
                .orElse(end);
    }

    /** Where an empty line begins. */
    private static Affine empty(Lettering l, int number) {
        Optional<PathRun> path = number == 0 ? l.path().map(PathRun::of) : Optional.empty();
        double room = path.map(PathRun::length).orElse(0.0);
        double from = l.align() == TextAlign.START ? 0 : l.align() == TextAlign.MIDDLE ? room / 2 : room;
        return path.map(p -> p.at(from)).orElse(Affine.translate(from, number * l.lineSpacing() * l.size()));
    }

    private static Place place(Lettering l, int line, Affine base, double x) {
        return new Place(line, base.apply(x, -UP * l.size()), base.apply(x, DOWN * l.size()));
    }

    public Place at(int index) {
        return places.get(Math.clamp(index, 0, places.size() - 1));
    }

    public int count() {
        return places.size();
    }

    /** The box around all places. */
    public Box around() {
        return Box.around(places.stream()
                        .flatMap(p -> Stream.of(p.top(), p.bottom()))
                        .map(p -> new Box(p.x(), p.y(), 0, 0))
                        .toList())
                .orElseThrow();
    }

    /** The index whose place is nearest to a point in the text's space. */
    public int nearest(Point p) {
        int best = 0;
        for (int i = 1; i < places.size(); i++) {
            if (distance(places.get(i), p) < distance(places.get(best), p)) {
                best = i;
            }
        }
        return best;
    }

    /** How far a point is from a caret, as a segment. */
    private static double distance(Place place, Point p) {
        double dx = place.bottom().x() - place.top().x();
        double dy = place.bottom().y() - place.top().y();
        double length = Math.max(1e-300, dx * dx + dy * dy);
        double t = Math.clamp(
                ((p.x() - place.top().x()) * dx + (p.y() - place.top().y()) * dy) / length, 0, 1);
        return p.distanceTo(place.top().plus(dx * t, dy * t));
    }

    /** The index in the next line, or the one before, that is nearest across; the same where there is no such line. */
    public int vertically(int index, int by) {
        Place now = at(index);
        int best = index;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < places.size(); i++) {
            double away = places.get(i).middle().distanceTo(now.middle());
            if (places.get(i).line() == now.line() + by && away < least) {
                least = away;
                best = i;
            }
        }
        return best;
    }
}
