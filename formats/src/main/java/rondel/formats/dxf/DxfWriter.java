package rondel.formats.dxf;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.job.RoleLook;
import rondel.job.ShapeElement;
import rondel.job.TextElement;

/** A page as DXF in mm, y up, its lower left corner at the origin: a layer for each role; groups and copies as blocks, or all apart. Pictures
 *  have no place in it. */
public final class DxfWriter {

    private static final String MODEL = "1F";
    private static final String PAPER = "1B";
    private static final int MILLIMETRES = 4;

    private final Page page;
    private final DxfVersion version;
    private final boolean blocks;
    private final DxfLayers layers;
    private final DxfTags tags;
    private final Map<GroupElement, String> groupBlocks = new IdentityHashMap<>();
    private final Map<CopyContent, String> copyBlocks = new IdentityHashMap<>();
    private final Map<String, List<Element>> contents = new LinkedHashMap<>();
    private final Map<String, String> records = new LinkedHashMap<>();

    private DxfWriter(Page page, DxfVersion version, boolean blocks, List<RoleLook> looks, OutputStream out) {
        this.page = page;
        this.version = version;
        this.blocks = blocks;
        this.layers = new DxfLayers(looks);
        this.tags = new DxfTags(out);
    }

    /** @param blocks whether groups and copies are blocks that are inserted; else their lines stand apart
     *  @param looks how the job names the layers of roles, where it does */
    public static void write(Page page, DxfVersion version, boolean blocks, List<RoleLook> looks, OutputStream out)
            throws IOException {
        try {
            new DxfWriter(page, version, blocks, looks, out).all();
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    /** Whether something on a page has no place in a DXF. */
    public static boolean dropsAny(Page page) {
        return page.elements().stream().flatMap(GroupElement::everything).anyMatch(PictureElement.class::isInstance);
    }

    private void all() throws IOException {
        if (blocks) {
            page.elements().forEach(this::collect);
            contents.keySet().forEach(n -> records.put(n, tags.next()));
        }
        header();
        if (version == DxfVersion.R2000) {
            section("CLASSES");
            tags.tag(0, "ENDSEC");
        }
        new DxfTables(tags, version, layers, records, MODEL, PAPER).write();
        blockSection();
        section("ENTITIES");
        entities(page.elements(), toDxf(), MODEL);
        tags.tag(0, "ENDSEC");
        if (version == DxfVersion.R2000) {
            objects();
        }
        tags.tag(0, "EOF").flush();
    }

    private Affine toDxf() {
        return new Affine(1, 0, 0, -1, 0, page.height());
    }

    private void section(String name) throws IOException {
        tags.tag(0, "SECTION").tag(2, name);
    }

    private void header() throws IOException {
        section("HEADER");
        tags.tag(9, "$ACADVER").tag(1, version == DxfVersion.R12 ? "AC1009" : "AC1015");
        Box box = new Box(0, 0, page.width(), page.height());
        tags.tag(9, "$EXTMIN").point(10, box.x(), box.y());
        tags.tag(9, "$EXTMAX").point(10, box.right(), box.bottom());
        tags.tag(9, "$LIMMIN").tag(10, 0.0).tag(20, 0.0);
        tags.tag(9, "$LIMMAX").tag(10, page.width()).tag(20, page.height());
        if (version == DxfVersion.R2000) {
            tags.tag(9, "$INSUNITS").tag(70, MILLIMETRES);
            tags.tag(9, "$MEASUREMENT").tag(70, 1);
            tags.tag(9, "$HANDSEED").tag(5, "FFFFFF");
        }
        tags.tag(0, "ENDSEC");
    }

    /** Names a block for each group and each design of copies, inner ones first. */
    private void collect(Element e) {
        switch (e) {
            case GroupElement g -> {
                g.children().forEach(this::collect);
                groupBlocks.computeIfAbsent(g, k -> named(g.name(), g.children()));
            }
            case CopyElement c -> {
                if (!copyBlocks.containsKey(c.content())) {
                    c.content().group().children().forEach(this::collect);
                    copyBlocks.put(
                            c.content(), named(c.name(), c.content().group().children()));
                }
            }
            default -> {}
        }
    }

    private String named(String name, List<Element> children) {
        String base = DxfLayers.plain(name.isBlank() ? "GROUP" : name);
        String block = base;
        for (int n = 2; contents.containsKey(block); n++) {
            block = base + "_" + n;
        }
        contents.put(block, children);
        return block;
    }

    private void blockSection() throws IOException {
        section("BLOCKS");
        if (version == DxfVersion.R2000) {
            block("*Model_Space", MODEL, List.of());
            block("*Paper_Space", PAPER, List.of());
        }
        for (Map.Entry<String, List<Element>> b : contents.entrySet()) {
            block(b.getKey(), records.get(b.getKey()), b.getValue());
        }
        tags.tag(0, "ENDSEC");
    }

    private void block(String name, String record, List<Element> children) throws IOException {
        tags.tag(0, "BLOCK");
        if (version == DxfVersion.R2000) {
            tags.tag(5, tags.next()).tag(330, record).tag(100, "AcDbEntity");
        }
        tags.tag(8, "0");
        if (version == DxfVersion.R2000) {
            tags.tag(100, "AcDbBlockBegin");
        }
        tags.tag(2, name).tag(70, 0).point(10, 0, 0).tag(3, name).tag(1, "");
        entities(children, Affine.IDENTITY, record);
        tags.tag(0, "ENDBLK");
        if (version == DxfVersion.R2000) {
            tags.tag(5, tags.next()).tag(330, record).tag(100, "AcDbEntity");
        }
        tags.tag(8, "0");
        if (version == DxfVersion.R2000) {
            tags.tag(100, "AcDbBlockEnd");
        }
    }

    private void entities(List<Element> elements, Affine toDxf, String owner) throws IOException {
        DxfEntities entities = new DxfEntities(tags, version, owner);
        for (Element e : elements) {
            one(e, toDxf, owner, entities);
        }
    }

    private void one(Element e, Affine around, String owner, DxfEntities entities) throws IOException {
        Affine own = around.times(e.placement());
        switch (e) {
            case ShapeElement s -> entities.outline(s.outline(), own, layer(e.role()));
            case TextElement t -> entities.outline(t.outline(), own, layer(e.role()));
            case PictureElement p -> {}
            case GroupElement g -> {
                if (!blocks || !insert(groupBlocks.get(g), own, owner)) {
                    for (Element child : g.children()) {
                        one(child, own, owner, entities);
                    }
                }
            }
            case CopyElement c -> {
                if (!blocks || !insert(copyBlocks.get(c.content()), own, owner)) {
                    for (Element child : c.content().group().children()) {
                        one(child, own, owner, entities);
                    }
                }
            }
        }
    }

    private String layer(Role role) {
        return layers.name(role);
    }

    /** Inserts a block where its place can be told by a scale along each axis and a turn; not where it is sheared.
     *
     * @return whether it could be */
    private boolean insert(String block, Affine at, String owner) throws IOException {
        double sx = Math.hypot(at.a(), at.b());
        double sy = at.determinant() / sx;
        boolean square = Math.abs(at.a() * at.c() + at.b() * at.d()) < 1e-9 * (sx * sx + sy * sy);
        if (!square || sx < 1e-9) {
            return false;
        }
        tags.tag(0, "INSERT");
        if (version == DxfVersion.R2000) {
            tags.tag(5, tags.next()).tag(330, owner).tag(100, "AcDbEntity");
        }
        tags.tag(8, "0");
        if (version == DxfVersion.R2000) {
            tags.tag(100, "AcDbBlockReference");
        }
        tags.tag(2, block)
                .point(10, at.e(), at.f())
                .tag(41, sx)
                .tag(42, sy)
                .tag(43, 1.0)
                .tag(50, Math.toDegrees(Math.atan2(at.b(), at.a())));
        return true;
    }

    private void objects() throws IOException {
        section("OBJECTS");
        tags.tag(0, "DICTIONARY")
                .tag(5, "C")
                .tag(330, "0")
                .tag(100, "AcDbDictionary")
                .tag(281, 1);
        tags.tag(3, "ACAD_GROUP").tag(350, "D");
        tags.tag(0, "DICTIONARY")
                .tag(5, "D")
                .tag(330, "C")
                .tag(100, "AcDbDictionary")
                .tag(281, 1);
        tags.tag(0, "ENDSEC");
    }
}
