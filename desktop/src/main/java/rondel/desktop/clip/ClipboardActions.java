package rondel.desktop.clip;

import java.io.ByteArrayInputStream;
import java.io.File;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Paste;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.files.ArtworkActions;
import rondel.formats.artwork.Artwork;
import rondel.formats.job.ClipFormat;
import rondel.formats.reading.ArtworkReader;
import rondel.gang.copies.BroughtCopies;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.words.Words;

/** Copies the selection to the system's clipboard, for Rondel and for other programs, and pastes what either has put there. */
public final class ClipboardActions {

    private static final DataFormat OWN = format(ClipFormat.MIME_TYPE);
    private static final DataFormat SVG = format("image/svg+xml");

    /** The first words of a drawing that comes as text. */
    private static final List<String> DRAWINGS = List.of("<svg", "<?xml");

    private final Desk desk;
    private final Progress progress;
    private final ArtworkReader reader;
    private final ArtworkActions artwork;
    private final TextEdits texts;
    private final Supplier<Point> middle;

    /** @param middle where on the sheet the middle of the view is */
    public ClipboardActions(
            Desk desk,
            Progress progress,
            ArtworkReader reader,
            ArtworkActions artwork,
            TextEdits texts,
            Supplier<Point> middle) {
        this.desk = desk;
        this.progress = progress;
        this.reader = reader;
        this.artwork = artwork;
        this.texts = texts;
        this.middle = middle;
    }

    private static DataFormat format(String type) {
        DataFormat known = DataFormat.lookupMimeType(type);
        return known == null ? new DataFormat(type) : known;
    }

    public void copy() {
        copy(() -> {});
    }

    public void cut() {
        List<ElementId> ids = desk.bench().selectedIds();
        copy(() -> desk.perform(new Delete(ids)));
    }

    private void copy(Runnable then) {
        Job job = desk.bench().job();
        SheetId sheet = desk.bench().sheet().id();
        List<ElementId> ids = desk.bench().selectedIds();
        progress.run(Words.of("progress.copying"), () -> Copied.of(job, sheet, ids, desk.pictures()), copied -> {
            ClipboardContent content = new ClipboardContent();
            content.put(OWN, ByteBuffer.wrap(copied.own()));
            content.put(SVG, ByteBuffer.wrap(copied.svg().getBytes(StandardCharsets.UTF_8)));
            content.putImage(new Image(new ByteArrayInputStream(copied.png())));
            content.putString(copied.words().orElse(copied.svg()));
            Clipboard.getSystemClipboard().setContent(content);
            desk.notices().say(Words.of("notice.copied", ids.size()));
            then.run();
        });
    }

    /** Pastes into the middle of the view. */
    public void paste() {
        paste(false);
    }

    /** Pastes where it was copied; what comes from other programs goes into the middle of the view. */
    public void pasteInPlace() {
        paste(true);
    }

    private void paste(boolean inPlace) {
        Clipboard board = Clipboard.getSystemClipboard();
        Optional<byte[]> own = bytes(board.getContent(OWN));
        if (own.isPresent()) {
            progress.run(Words.of("progress.pasting"), () -> ClipFormat.read(own.get()), job -> paste(job, inPlace));
        } else if (board.hasFiles()) {
            List<Path> files = board.getFiles().stream().map(File::toPath).toList();
            artwork.place(files, Optional.of(middle.get()));
        } else {
            fromOthers(board);
        }
    }

    private void fromOthers(Clipboard board) {
        Optional<byte[]> drawing = bytes(board.getContent(SVG)).or(() -> drawing(board.getString()));
        if (drawing.isPresent()) {
            place(drawing.get(), Words.of("clip.drawing"));
        } else if (board.hasImage()) {
            Image image = board.getImage();
            progress.run(
                    Words.of("progress.pasting"),
                    () -> read(ClipboardPicture.png(image), Words.of("clip.picture")),
                    a -> artwork.place(a, Optional.of(middle.get())));
        } else if (board.hasString() && !board.getString().isBlank()) {
            texts.add(board.getString().strip(), middle.get());
        } else {
            desk.notices().refuse(Words.of("needs.clipboard"));
        }
    }

    private void place(byte[] drawing, String name) {
        progress.run(
                Words.of("progress.pasting"),
                () -> read(drawing, name),
                a -> artwork.place(a, Optional.of(middle.get())));
    }

    private Artwork read(byte[] bytes, String name) {
        return reader.read(bytes, name).measured(desk.bench().job().picturesBy());
    }

    private static Optional<byte[]> drawing(String text) {
        return Optional.ofNullable(text)
                .map(String::stripLeading)
                .filter(t -> DRAWINGS.stream().anyMatch(t::startsWith))
                .map(t -> t.getBytes(StandardCharsets.UTF_8));
    }

    /** Custom contents come as buffers, or as text where another program put them there. */
    private static Optional<byte[]> bytes(Object content) {
        if (content instanceof ByteBuffer b) {
            ByteBuffer copy = b.duplicate();
            copy.rewind();
            byte[] all = new byte[copy.remaining()];
            copy.get(all);
            return all.length == 0 ? Optional.empty() : Optional.of(all);
        }
        return content instanceof String s ? Optional.of(s.getBytes(StandardCharsets.UTF_8)) : Optional.empty();
    }

    private void paste(Job excerpt, boolean inPlace) {
        List<Element> elements = BroughtCopies.into(
                desk.bench().job(), excerpt.sheets().getFirst().elements());
        Optional<Box> box = Box.around(elements.stream()
                .flatMap(e -> Extent.of(e, Affine.IDENTITY).stream())
                .toList());
        Point at = middle.get();
        Affine to = inPlace || box.isEmpty()
                ? Affine.IDENTITY
                : Affine.translate(
                        at.x() - box.get().centre().x(),
                        at.y() - box.get().centre().y());
        desk.bench().stepOut(0);
        desk.perform(new Paste(
                desk.bench().sheet().id(),
                elements.stream()
                        .<Element>map(e -> e.with(t -> t.withPlacement(to.times(t.placement()))))
                        .toList(),
                List.copyOf(excerpt.media().values())));
    }
}
