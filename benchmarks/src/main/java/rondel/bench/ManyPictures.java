package rondel.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import rondel.compose.arrange.Place;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.formats.picture.PictureReader;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Sheet;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** Opening a job with 60 pictures of 12 megapixels in the window, from the start of the process until all are seen, with a
 *  heap of 1 GiB; against a process with the same heap that only decodes them one after another. */
public final class ManyPictures {

    private static final int PICTURES = 60;

    private ManyPictures() {}

    static List<Bench.Row> rows() throws Exception {
        Path folder = Files.createTempDirectory("rondel-bench");
        Path file = folder.resolve("sixty.rondel");
        JobFile.write(job(folder), file, new PictureLevels(256L << 20));
        List<String> heap = List.of("-Xmx1g");
        double ours = Launch.untilReady("rondel.launcher.Main", true, heap, List.of(file.toString()));
        double peer = Launch.untilReady("rondel.bench.ManyPictures", false, heap, List.of(folder.toString()));
        return List.of(
                new Bench.Row("60 pictures of 12 megapixels opened in 1 GiB, against decoding", ours, peer, 1.5));
    }

    private static Job job(Path folder) throws IOException {
        Job job = Job.blank("Sixty", LengthUnit.MM, 300, 300);
        Sheet sheet = job.sheets().getFirst();
        for (int i = 0; i < PICTURES; i++) {
            byte[] bytes = jpeg(i);
            Files.write(folder.resolve(i + ".jpg"), bytes);
            Media media = PictureReader.media(bytes, i + ".jpg");
            Box frame = new Box(5 + i % 8 * 36, 5 + i / 8 * 36, 32, 24);
            job = new Place(
                            sheet.id(),
                            List.of(new PictureElement(Traits.named("p" + i), media.id(), frame)),
                            List.of(media))
                    .apply(job);
        }
        return job;
    }

    private static byte[] jpeg(int seed) throws IOException {
        BufferedImage image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(seed);
        int[] row = new int[4000];
        for (int y = 0; y < 3000; y++) {
            for (int x = 0; x < 4000; x++) {
                int wave = (int) (60 * Math.sin((x + seed * 90) / 210.0) + 60 * Math.cos(y / 170.0)) + 120;
                row[x] = (wave << 16 | (wave * 3 / 4) << 8 | 255 - wave) ^ random.nextInt(8);
            }
            image.setRGB(0, y, 4000, 1, row, 0, 4000);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    /** The peer: decodes what is in a folder. */
    public static void main(String[] args) throws IOException {
        long pixels = 0;
        for (int i = 0; i < PICTURES; i++) {
            BufferedImage image = ImageIO.read(
                    new ByteArrayInputStream(Files.readAllBytes(Path.of(args[0]).resolve(i + ".jpg"))));
            pixels += image.getRGB(1, 1) == 0 ? 0 : (long) image.getWidth() * image.getHeight();
        }
        System.out.println(pixels > 0 ? "ready" : "nothing");
    }
}
