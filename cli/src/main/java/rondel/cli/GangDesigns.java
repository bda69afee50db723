package rondel.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import picocli.CommandLine.Option;
import rondel.gang.copies.DesignContents;
import rondel.gang.copies.FlatContent;
import rondel.gang.names.NameDesigns;
import rondel.geometry.Box;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.FaceName;
import rondel.job.Folding;
import rondel.job.Job;
import rondel.job.NameList;
import rondel.job.NameListId;
import rondel.words.Refusal;

/** What is laid out: elements, sheets, pieces, rows of a list, or things folded from these. */
final class GangDesigns {

    @Option(names = "--of", paramLabel = "ID", split = ",", converter = TypedId.class)
    private List<ElementId> elements = List.of();

    @Option(names = "--pieces", paramLabel = "ID", split = ",", converter = TypedId.class)
    private List<ElementId> pieces = List.of();

    @Option(names = "--from", paramLabel = "SHEET", split = ",")
    private List<String> sheets = List.of();

    @Option(names = "--list", paramLabel = "LIST")
    private Optional<String> list = Optional.empty();

    @Option(names = "--count", paramLabel = "N", split = ",")
    private List<Integer> counts = List.of();

    @Option(names = "--front", paramLabel = "ID|SHEET")
    private Optional<String> front = Optional.empty();

    @Option(names = "--back", paramLabel = "ID|SHEET")
    private Optional<String> back = Optional.empty();

    @Option(names = "--inside", paramLabel = "ID|SHEET", split = ",")
    private List<String> inside = List.of();

    @Option(names = "--fold", paramLabel = "KIND", defaultValue = "half-side", converter = ChoiceConverter.OfFold.class)
    private Folding.Kind fold;

    @Option(
            names = "--turning",
            paramLabel = "EDGE",
            defaultValue = "long-edge",
            converter = ChoiceConverter.OfTurning.class)
    private Folding.Turning turning;

    @Option(names = "--score", paramLabel = "HOW", defaultValue = "line")
    private Folding.Score score;

    List<DesignCount> of(Job job, GangCommand.WayName way) {
        boolean folded = way == GangCommand.WayName.FOLD_TAG || way == GangCommand.WayName.FOLD_CARD;
        if (list.isPresent()) {
            NameList names = named(job, list.get());
            return NameDesigns.of(names, d -> folded ? folded(job, way, d, names) : d);
        }
        List<Design> all = new ArrayList<>();
        elements.forEach(id -> all.add(new Design.Whole(id)));
        pieces.forEach(id -> all.add(new Design.Piece(id)));
        sheets.forEach(n -> all.add(new Design.Page(JobChange.sheet(job, n))));
        if (folded) {
            Design first = front.map(f -> design(job, f))
                    .or(() -> all.stream().findFirst())
                    .orElseThrow(() -> Refusal.of("cli.noFront"));
            Optional<Design> second =
                    back.map(b -> design(job, b)).or(() -> all.stream().skip(1).findFirst());
            return List.of(new DesignCount(flat(job, way, first, second), count(0)));
        }
        if (all.isEmpty()) {
            throw Refusal.of("cli.noDesigns");
        }
        if (counts.size() > 1 && counts.size() != all.size()) {
            throw Refusal.of("cli.counts", counts.size(), all.size());
        }
        List<DesignCount> designs = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            designs.add(new DesignCount(all.get(i), count(i)));
        }
        return designs;
    }

    private OptionalInt count(int i) {
        return counts.isEmpty() ? OptionalInt.empty() : OptionalInt.of(counts.get(Math.min(i, counts.size() - 1)));
    }

    static NameList named(Job job, String said) {
        return job.list(new NameListId(said.strip()))
                .or(() -> job.lists().stream()
                        .filter(l -> l.name().equals(said.strip()))
                        .findFirst())
                .orElseThrow(() -> Refusal.of("names.noList", said.strip()));
    }

    /** A row on the faces: as the front where no other is named, and with the same row on every face that shows the list's template. */
    private Design folded(Job job, GangCommand.WayName way, Design row, NameList names) {
        Design first = front.map(f -> rowed(design(job, f), row, names)).orElse(row);
        Optional<Design> second = back.map(b -> rowed(design(job, b), row, names));
        return flat(job, way, first, second);
    }

    private static Design rowed(Design design, Design row, NameList names) {
        return design.equals(names.template()) ? row : design;
    }

    private Design flat(Job job, GangCommand.WayName way, Design first, Optional<Design> second) {
        Folding.Kind kind = way == GangCommand.WayName.FOLD_TAG ? Folding.Kind.TAG : fold;
        Box box = new DesignContents(job).box(first);
        List<Design.FaceDesign> faces = new ArrayList<>();
        faces.add(new Design.FaceDesign(FaceName.FRONT, first));
        second.ifPresent(b -> faces.add(new Design.FaceDesign(FaceName.BACK, b)));
        List<FaceName> parts = insides(kind);
        if (inside.size() == 1) {
            Design all = design(job, inside.getFirst());
            Box room = new DesignContents(job).box(all);
            faces.add(new Design.FaceDesign(FlatContent.insideFace(kind, box.width(), box.height(), room), all));
        } else {
            for (int i = 0; i < Math.min(inside.size(), parts.size()); i++) {
                faces.add(new Design.FaceDesign(parts.get(i), design(job, inside.get(i))));
            }
        }
        return new Design.Flat(
                new Folding(kind, box.width(), box.height(), turning, score), faces, Design.Flat.Side.OUTSIDE);
    }

    private static List<FaceName> insides(Folding.Kind kind) {
        return switch (kind) {
            case TAG -> List.of();
            case HALF_SIDE -> List.of(FaceName.INSIDE_LEFT, FaceName.INSIDE_RIGHT);
            case HALF_TOP -> List.of(FaceName.INSIDE_TOP, FaceName.INSIDE_BOTTOM);
            case GATE, TRI_FOLD -> List.of(FaceName.INSIDE_LEFT, FaceName.INSIDE_MIDDLE, FaceName.INSIDE_RIGHT);
        };
    }

    /** A sheet by its number, or an element by its id. */
    static Design design(Job job, String said) {
        return said.strip().matches("\\d{1,6}")
                ? new Design.Page(JobChange.sheet(job, said))
                : new Design.Whole(new ElementId(said.strip()));
    }
}
