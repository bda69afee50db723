package rondel.formats.picture;

import com.twelvemonkeys.imageio.metadata.Directory;
import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEG;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegment;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegmentUtil;
import com.twelvemonkeys.imageio.metadata.tiff.TIFF;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;
import com.twelvemonkeys.imageio.stream.ByteArrayImageInputStream;
import java.io.ByteArrayInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a picture file says of itself: its dots per inch and which way up it is.
 *
 * @param orientation EXIF's, 1 to 8; 1 is upright */
record PictureTags(Optional<Ppi> ppi, int orientation) {

    private static final PictureTags NONE = new PictureTags(Optional.empty(), 1);
    private static final Map<Integer, List<String>> EXIF = Map.of(JPEG.APP1, List.of("Exif"));
    private static final Map<Integer, List<String>> JFIF = Map.of(JPEG.APP0, List.of("JFIF"));

    /** Dots per inch across and down. */
    record Ppi(double x, double y) {}

    /** Reads PNG's pHYs, JPEG's JFIF density and EXIF resolution; tags that are broken count as missing. */
    static PictureTags of(byte[] bytes) {
        try {
            return bytes.length > 8 && bytes[1] == 'P' && bytes[2] == 'N' ? png(bytes) : jpeg(bytes);
        } catch (IOException | RuntimeException e) {
            return NONE;
        }
    }

    private static PictureTags png(byte[] bytes) throws IOException {
        DataInputStream in = new DataInputStream(new ByteArrayInputStream(bytes));
        in.skipBytes(8);
        while (in.available() >= 12) {
            int length = in.readInt();
            int type = in.readInt();
            if (type == 0x49444154 || length < 0) { // IDAT: all that matters comes before it
                return NONE;
            }
            if (type == 0x70485973 && length == 9) { // pHYs
                double x = in.readInt();
                double y = in.readInt();
                return in.readByte() == 1 ? new PictureTags(ppi(x * 0.0254, y * 0.0254), 1) : NONE;
            }
            in.skipBytes(length + 4);
        }
        return NONE;
    }

    private static PictureTags jpeg(byte[] bytes) throws IOException {
        int orientation = 1;
        Optional<Ppi> ppi = Optional.empty();
        for (JPEGSegment segment : segments(bytes, EXIF)) {
            byte[] data = segment.data().readAllBytes();
            if (data.length > 1) {
                Directory exif = new TIFFReader()
                        .read(new ByteArrayImageInputStream(java.util.Arrays.copyOfRange(data, 1, data.length)));
                int turn = (int) number(exif, TIFF.TAG_ORIENTATION, 1);
                orientation = turn >= 1 && turn <= 8 ? turn : 1;
                double factor = number(exif, TIFF.TAG_RESOLUTION_UNIT, 2) == 3 ? 2.54 : 1;
                ppi = ppi(
                        number(exif, TIFF.TAG_X_RESOLUTION, 0) * factor,
                        number(exif, TIFF.TAG_Y_RESOLUTION, 0) * factor);
            }
        }
        for (JPEGSegment segment : segments(bytes, JFIF)) {
            DataInputStream data = new DataInputStream(segment.data());
            data.skipBytes(2);
            int unit = data.readByte();
            double factor = unit == 1 ? 1 : unit == 2 ? 2.54 : 0;
            Optional<Ppi> stated = ppi(data.readUnsignedShort() * factor, data.readUnsignedShort() * factor);
            ppi = stated.isPresent() ? stated : ppi;
        }
        return new PictureTags(ppi, orientation);
    }

    private static List<JPEGSegment> segments(byte[] bytes, Map<Integer, List<String>> wanted) throws IOException {
        return JPEGSegmentUtil.readSegments(new ByteArrayImageInputStream(bytes), wanted);
    }

    private static double number(Directory directory, int tag, double otherwise) {
        Entry entry = directory.getEntryById(tag);
        return entry != null && entry.getValue() instanceof Number n ? n.doubleValue() : otherwise;
    }

    /** Tags below 10 or above 20,000 are a program's way of saying nothing. */
    private static Optional<Ppi> ppi(double x, double y) {
        boolean sane = x >= 10 && y >= 10 && x <= 20_000 && y <= 20_000;
        return sane ? Optional.of(new Ppi(x, y)) : Optional.empty();
    }
}
