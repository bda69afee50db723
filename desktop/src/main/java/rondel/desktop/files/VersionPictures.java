package rondel.desktop.files;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import rondel.desktop.desk.Workers;
import rondel.desktop.look.FxPictures;
import rondel.formats.job.JobFile;
import rondel.formats.versions.Version;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.paint.PictureSource;
import rondel.raster.PictureDifference;

/** Earlier versions and the job as it is now, as pictures of the sheet that is open, with what differs marked. */
public final class VersionPictures {

    private static final int LONGEST = 440;
    private static final Color MARK = new Color(0xb8, 0x44, 0x2f);
    private static final Color CASING = new Color(0xfb, 0xf8, 0xf1);
    private static final int AROUND = 3;

    private final Job job;
    private final Sheet sheet;
    private final PictureSource pictures;
    private final Workers workers;

    VersionPictures(Job job, Sheet sheet, PictureSource pictures, Workers workers) {
        this.job = job;
        this.sheet = sheet;
        this.pictures = pictures;
        this.workers = workers;
    }

    /** A version beside what there is now.
     *
     * @param places how many places differ */
    public record Compared(Version version, Image then, Image now, int places) {}

    /** Reads and paints a version in the background.
     *
     * @param shown hears of it on the toolkit's thread
     * @param failed hears why it could not be read
     * @return what calls it off */
    public Runnable compare(Version version, Consumer<Compared> shown, Consumer<Throwable> failed) {
        Workers.Task task = workers.paint(() -> compared(version), shown, failed);
        return task::cancel;
    }

    private Compared compared(Version version) {
        Job before = JobFile.read(version.file());
        // The sheet of that id, else the first: it may have come later.
        Sheet then = before.sheets().stream()
                .filter(s -> s.id().equals(sheet.id()))
                .findFirst()
                .orElseGet(() -> before.sheets().getFirst());
        double scale =
                LONGEST / Math.max(Math.max(sheet.width(), sheet.height()), Math.max(then.width(), then.height()));
        BufferedImage old = SheetPainting.of(before, then, scale, pictures);
        BufferedImage present = SheetPainting.of(job, sheet, scale, pictures);
        List<Rectangle> places = PictureDifference.of(old, present);
        mark(old, places);
        mark(present, places);
        return new Compared(version, FxPictures.of(old), FxPictures.of(present), places.size());
    }

    private static void mark(BufferedImage image, List<Rectangle> places) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        for (Rectangle p : places) {
            Rectangle box = new Rectangle(p);
            box.grow(AROUND, AROUND);
            box = box.intersection(new Rectangle(2, 2, image.getWidth() - 5, image.getHeight() - 5));
            for (int casing = 1; casing >= 0; casing--) {
                g.setColor(casing == 1 ? CASING : MARK);
                g.setStroke(new BasicStroke(casing == 1 ? 4 : 1.8f));
                g.drawRoundRect(box.x, box.y, box.width, box.height, 6, 6);
            }
        }
        g.dispose();
    }
}
