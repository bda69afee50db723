package rondel.formats.dxf;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import rondel.progress.Cancellation;
import rondel.words.Refusal;

/** The sections of a DXF file that matter for what is drawn. */
final class DxfDocument {

    /** More groups than this no drawing has that anybody could work with. */
    private static final int MOST_GROUPS = 40_000_000;

    /** What a layer says.
     *
     * @param colour the number of its colour; below 0 where the layer is off */
    record Layer(String name, int colour, Optional<Integer> trueColour, boolean frozen) {}

    /** A block with its own origin. */
    record Block(double x, double y, List<DxfEntity> entities) {}

    private final Map<String, Layer> layers = new LinkedHashMap<>();
    private final Map<String, Block> blocks = new HashMap<>();
    private final List<DxfEntity> entities = new ArrayList<>();
    private OptionalInt units = OptionalInt.empty();
    private String version = "";

    private DxfDocument() {}

    /** @param name of the file, for refusals
     *  @throws Refusal if it is no DXF in text */
    static DxfDocument of(byte[] bytes, String name) {
        if (new String(bytes, 0, Math.min(22, bytes.length), StandardCharsets.ISO_8859_1).contains("Binary DXF")) {
            throw Refusal.of("dxf.binary", name);
        }
        DxfDocument d = new DxfDocument();
        try (BufferedReader in = new BufferedReader(new StringReader(new String(bytes, charset(bytes))))) {
            d.read(in, name);
        } catch (IOException e) {
            throw Refusal.of("dxf.broken", name);
        }
        return d;
    }

    /** Since 2007 files are UTF-8; older ones say a code page, of which the western one is by far the most common. */
    private static Charset charset(byte[] bytes) {
        String start = new String(bytes, 0, Math.min(4096, bytes.length), StandardCharsets.ISO_8859_1);
        boolean old = start.contains("AC1009") || start.contains("AC1015") && start.contains("ANSI_");
        return old ? Charset.forName("windows-1252") : StandardCharsets.UTF_8;
    }

    List<DxfEntity> entities() {
        return entities;
    }

    Optional<Block> block(String name) {
        return Optional.ofNullable(blocks.get(name.toUpperCase(Locale.ROOT)));
    }

    Optional<Layer> layer(String name) {
        return Optional.ofNullable(layers.get(name.toUpperCase(Locale.ROOT)));
    }

    /** The code of the units that lengths are in, where it says. */
    OptionalInt units() {
        return units;
    }

    private void read(BufferedReader in, String name) throws IOException {
        DxfGroup group = next(in);
        if (group == null) {
            throw Refusal.of("dxf.broken", name);
        }
        int count = 0;
        String section = "";
        List<DxfGroup> record = new ArrayList<>();
        String type = "";
        SectionReader reader = new SectionReader();
        while (group != null) {
            if (++count > MOST_GROUPS) {
                throw Refusal.of("dxf.tooMuch", name);
            }
            if ((count & 0xffff) == 0) {
                Cancellation.check();
            }
            if (group.code() == 0) {
                reader.take(section, type, record);
                type = group.value().toUpperCase(Locale.ROOT);
                record = new ArrayList<>();
                if (type.equals("EOF")) {
                    break;
                }
            } else {
                if (type.equals("SECTION") && group.code() == 2 && record.isEmpty()) {
                    section = group.value().toUpperCase(Locale.ROOT);
                }
                if (section.equals("HEADER")) {
                    header(group);
                } else if (group.code() != 999) {
                    record.add(group);
                }
            }
            group = next(in);
        }
        reader.take(section, type, record);
    }

    private String variable = "";

    private void header(DxfGroup group) {
        if (group.code() == 9) {
            variable = group.value();
        } else if (variable.equals("$INSUNITS") && group.code() == 70) {
            units = OptionalInt.of(group.whole());
        } else if (variable.equals("$ACADVER") && group.code() == 1) {
            version = group.value();
        }
    }

    /** Puts records where they belong, as they end. */
    private final class SectionReader {
        private String blockName = "";
        private double blockX;
        private double blockY;
        private List<DxfEntity> inBlock = new ArrayList<>();
        private DxfEntity open;

        void take(String section, String type, List<DxfGroup> record) {
            switch (section) {
                case "TABLES" -> {
                    if (type.equals("LAYER")) {
                        layer(record);
                    }
                }
                case "BLOCKS" -> block(type, record);
                case "ENTITIES" -> entity(type, record, entities);
                default -> {}
            }
        }

        private void layer(List<DxfGroup> record) {
            String name = text(record, 2, "");
            if (!name.isEmpty()) {
                Optional<Integer> full = record.stream()
                        .filter(g -> g.code() == 420)
                        .map(DxfGroup::whole)
                        .findFirst();
                boolean frozen = (number(record, 70) & 1) != 0;
                layers.put(name.toUpperCase(Locale.ROOT), new Layer(name, number(record, 62), full, frozen));
            }
        }

        private void block(String type, List<DxfGroup> record) {
            switch (type) {
                case "BLOCK" -> {
                    blockName = text(record, 2, "").toUpperCase(Locale.ROOT);
                    DxfEntity e = new DxfEntity("BLOCK");
                    e.groups().addAll(record);
                    blockX = e.number(10, 0);
                    blockY = e.number(20, 0);
                    inBlock = new ArrayList<>();
                    open = null;
                }
                case "ENDBLK" -> blocks.put(blockName, new Block(blockX, blockY, inBlock));
                default -> entity(type, record, inBlock);
            }
        }

        private void entity(String type, List<DxfGroup> record, List<DxfEntity> to) {
            if (type.isEmpty() || type.equals("SECTION") || type.equals("ENDSEC") || type.equals("EOF")) {
                return;
            }
            DxfEntity e = new DxfEntity(type);
            e.groups().addAll(record);
            boolean part = type.equals("VERTEX") || type.equals("ATTRIB") || type.equals("SEQEND");
            if (part) {
                if (open != null) {
                    open.parts().add(e);
                }
                return;
            }
            open = type.equals("POLYLINE") || type.equals("INSERT") ? e : null;
            to.add(e);
        }

        private static String text(List<DxfGroup> record, int code, String otherwise) {
            return record.stream()
                    .filter(g -> g.code() == code)
                    .map(DxfGroup::value)
                    .findFirst()
                    .orElse(otherwise);
        }

        private static int number(List<DxfGroup> record, int code) {
            return record.stream()
                    .filter(g -> g.code() == code)
                    .mapToInt(DxfGroup::whole)
                    .findFirst()
                    .orElse(0);
        }
    }

    private static DxfGroup next(BufferedReader in) throws IOException {
        String code = in.readLine();
        while (code != null && code.isBlank()) {
            code = in.readLine();
        }
        String value = code == null ? null : in.readLine();
        if (value == null) {
            return null;
        }
        try {
            return new DxfGroup(Integer.parseInt(code.strip()), value.strip());
        } catch (NumberFormatException e) {
            throw new IOException("no group code: " + code, e);
        }
    }
}
