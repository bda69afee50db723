package rondel.desktop.files;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.compose.slot.FillSlots;
import rondel.compose.template.Blanks;
import rondel.compose.template.FillIn;
import rondel.desktop.compose.template.FillInForm;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.reading.OpenQuestions;
import rondel.formats.shelf.Thing;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureBounds;
import rondel.lines.check.Finding;
import rondel.operation.Operation;
import rondel.operation.Together;
import rondel.progress.Advance;
import rondel.text.Typesetter;
import rondel.words.Refusal;
import rondel.words.Words;

/** Places files and things of the shelf, and fills windows and templates; all reading is off the toolkit's thread. */
public final class ArtworkActions {

    private final Desk desk;
    private final FileChoices choices;
    private final Questions questions;
    private final ArtworkReader artwork;
    private final Progress progress;

    ArtworkActions(Desk desk, FileChoices choices, Questions questions, ArtworkReader artwork, Progress progress) {
        this.desk = desk;
        this.choices = choices;
        this.questions = questions;
        this.artwork = artwork;
        this.progress = progress;
    }

    public List<Path> fontsToAdd() {
        return choices.fontsToAdd();
    }

    public void place() {
        List<Path> files = choices.artworkToPlace();
        if (!files.isEmpty()) {
            place(files, Optional.empty());
        }
    }

    /** Reads files and places them, each at its true size.
     *
     * @param at where its middle goes, or of several the top left corner of the first; the middle of the sheet, or its corner, where
     *     nowhere is named */
    public void place(List<Path> files, Optional<Point> at) {
        PictureBounds by = desk.bench().job().picturesBy();
        if (files.size() == 1) {
            progress.run(
                    Words.of("progress.reading", files.getFirst().getFileName()),
                    () -> {
                        Artwork read = artwork.read(files.getFirst());
                        return new Read(read.measured(by), artwork.questions(files.getFirst(), read));
                    },
                    r -> settled(files.getFirst(), r, by, at));
            return;
        }
        progress.run(Words.of("progress.readingSeveral", files.size()), () -> read(files, by), all -> beside(all, at));
    }

    /** A file with what it leaves open. */
    private record Read(Artwork artwork, OpenQuestions open) {}

    /** Places what was read, or asks first what the file leaves open, and reads it so. */
    private void settled(Path file, Read read, PictureBounds by, Optional<Point> at) {
        if (!read.open().any()) {
            place(read.artwork(), at);
            return;
        }
        String name = file.getFileName().toString();
        questions
                .reading(name, read.open())
                .ifPresent(choice -> progress.run(
                        Words.of("progress.reading", name),
                        () -> artwork.with(choice).read(file).measured(by),
                        a -> place(a, at)));
    }

    private List<Artwork> read(List<Path> files, PictureBounds by) {
        List<Artwork> all = new ArrayList<>();
        for (Path file : files) {
            Advance.to(all.size(), files.size());
            all.add(artwork.read(file).measured(by));
        }
        return all;
    }

    /** Several files beside each other, as one edit. */
    private void beside(List<Artwork> all, Optional<Point> at) {
        try {
            List<ArtworkPlacement.Placed> placed = new ArtworkPlacement(
                            OptionalDouble.empty(), OptionalDouble.empty(), at)
                    .beside(desk.bench().sheet(), all, ArtworkPlacement.USUAL_GAP);
            desk.bench().stepOut(0);
            desk.perform(
                    new Together(
                            Words.of("operation.place"),
                            placed.stream()
                                    .<Operation>map(ArtworkPlacement.Placed::operation)
                                    .toList()),
                    () -> placed.stream()
                            .flatMap(p -> p.findings().stream())
                            .map(Finding::sentence)
                            .findFirst()
                            .ifPresent(desk.notices()::say));
        } catch (Refusal e) {
            desk.notices().refuse(e.getMessage());
        }
    }

    /** Places a thing from the shelf with its middle at a place on the sheet; the shelf keeps it. */
    public void place(Thing thing, Path file, Point at) {
        PictureBounds by = desk.bench().job().picturesBy();
        progress.run(
                Words.of("progress.reading", thing.title()),
                () -> artwork.read(file).told(thing.title(), thing.provenance()).measured(by),
                a -> place(a, Optional.of(at)));
    }

    /** Asks for pictures and puts them into windows, as many as there are of both. */
    public void fillSlots(List<ElementId> slots) {
        List<Path> files = choices.artworkToPlace();
        if (!files.isEmpty()) {
            fillSlots(slots, files);
        }
    }

    /** Asks what is to be filled into the job as a template, and fills it in as one edit. */
    public void fillIn() {
        Job job = desk.bench().job();
        Blanks blanks = Blanks.of(job);
        if (blanks.isEmpty()) {
            desk.notices().refuse(Words.of("template.none"));
            return;
        }
        questions
                .fillIn(blanks, () -> choices.artworkToPlace().stream().findFirst())
                .ifPresent(
                        form -> progress.run(Words.of("progress.setting"), () -> filledIn(form, job), desk::perform));
    }

    private Operation filledIn(FillInForm form, Job job) {
        Map<ElementId, Media> pictures = new LinkedHashMap<>();
        form.pictures()
                .forEach((id, file) -> pictures.put(id, pictures(List.of(file)).getFirst()));
        return new FillIn(form.texts(), pictures, form.colours()).operation(job, new Typesetter(artwork.fonts()));
    }

    /** Reads pictures and puts them into windows in reading order; what is left over of either is said. */
    public void fillSlots(List<ElementId> slots, List<Path> files) {
        List<Path> used = files.subList(0, Math.min(files.size(), slots.size()));
        progress.run(Words.of("progress.reading", used.getFirst().getFileName()), () -> pictures(used), pictures -> {
            desk.perform(new FillSlots(slots, pictures), () -> {
                if (used.size() < files.size()) {
                    desk.notices().say(Words.of("notice.picturesLeft", files.size() - used.size()));
                }
            });
        });
    }

    private List<Media> pictures(List<Path> files) {
        List<Media> pictures = new ArrayList<>();
        for (Path file : files) {
            Advance.to(pictures.size(), files.size());
            List<Media> media = artwork.read(file).media();
            if (media.size() != 1) {
                throw Refusal.of("window.noPicture", file.getFileName());
            }
            pictures.add(media.getFirst());
        }
        return pictures;
    }

    public void place(Artwork a, Optional<Point> at) {
        try {
            ArtworkPlacement.Placed placed = at.isPresent()
                    ? ArtworkPlacement.centredAt(a, desk.bench().sheet(), at.get())
                    : ArtworkPlacement.CENTRED.onto(desk.bench().sheet(), a);
            desk.bench().stepOut(0);
            desk.perform(placed.operation(), () -> placed.findings().stream()
                    .map(Finding::sentence)
                    .findFirst()
                    .ifPresent(desk.notices()::say));
        } catch (Refusal e) {
            desk.notices().refuse(e.getMessage());
        }
    }
}
