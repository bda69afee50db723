package rondel.formats.dxf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import rondel.formats.artwork.Artwork;
import rondel.formats.files.FileName;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.lines.join.EndJoining;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** DXF to outlines at the size that the file's units say: a group for each layer, roles by the layers' names, blocks as groups, lines whose ends
 *  meet as one. */
public final class DxfReader {

    /** How deep blocks may lie in each other. */
    private static final int DEEPEST = 24;

    /** How many entities are drawn at most, blocks inserted over and over included. */
    private static final int MOST = 200_000;

    /** How large what is drawn may be, in mm. */
    private static final double LARGEST = 20_000;

    private static final double HAIRLINE = 0.25;
    private static final double INCH = 25.4;

    /** What draws nothing, and needs no word. */
    private static final Set<String> SILENT = Set.of("VIEWPORT", "POINT", "SEQEND", "ATTDEF");

    private final DxfDocument document;
    private final Optional<LengthUnit> said;
    private final Map<String, Integer> dropped = new TreeMap<>();
    private final Map<String, List<Element>> layers = new LinkedHashMap<>();
    private int drawn;
    private boolean tooDeep;
    private boolean tooMany;

    private DxfReader(DxfDocument document, Optional<LengthUnit> said) {
        this.document = document;
        this.said = said;
    }

    /** @param name of the file, with its ending
     *  @throws Refusal if it is no DXF in text, or draws nothing */
    public static Artwork read(byte[] bytes, String name) {
        return read(bytes, name, Optional.empty());
    }

    /** @param unit of a file that does not say its own; left out, mm are taken, and that is said */
    public static Artwork read(byte[] bytes, String name, Optional<LengthUnit> unit) {
        return new DxfReader(DxfDocument.of(bytes, name), unit).artwork(name);
    }

    private Artwork artwork(String name) {
        List<Finding> findings = new ArrayList<>();
        double unit = unit(findings, name);
        Affine toMm = Affine.scale(unit, -unit);
        for (DxfEntity e : document.entities()) {
            String layer = e.layer();
            one(e, toMm, layer, 0, Optional.empty())
                    .ifPresent(made -> layers.computeIfAbsent(layer, l -> new ArrayList<>())
                            .add(made));
        }
        List<Element> all = new ArrayList<>();
        layers.forEach((layer, elements) -> all.add(GroupElement.of(Traits.named(layer), joined(elements))));
        Box box = Box.around(all.stream()
                        .flatMap(e -> Extent.of(e, Affine.IDENTITY).stream())
                        .toList())
                .orElseThrow(() -> Refusal.of("dxf.nothing", name));
        if (Math.max(box.width(), box.height()) > LARGEST) {
            throw Refusal.of(
                    "svg.tooLarge", name, Math.round(box.width()), Math.round(box.height()), (int) LARGEST / 1000);
        }
        dropped.forEach((type, count) ->
                findings.add(Finding.of(Severity.WARNING, "dxf.dropped", name, String.valueOf(count), type)));
        if (tooDeep) {
            findings.add(Finding.of(Severity.WARNING, "dxf.deep", name));
        }
        if (tooMany) {
            findings.add(Finding.of(Severity.WARNING, "dxf.many", name, String.valueOf(MOST)));
        }
        Affine home = Affine.translate(-box.x(), -box.y());
        List<Element> placed =
                all.stream().map(e -> e.with(t -> t.placedBy(home))).toList();
        List<Element> shown = placed.size() == 1
                ? placed.getFirst().children().stream()
                        .map(e -> e.with(t -> t.placedBy(home)))
                        .toList()
                : placed;
        return new Artwork(
                FileName.stem(name),
                Math.max(box.width(), 1e-3),
                Math.max(box.height(), 1e-3),
                false,
                shown,
                List.of(),
                findings);
    }

    /** How many mm one of the file's units is; where it says none they are taken for mm, and that is said. */
    private double unit(List<Finding> findings, String name) {
        int code = document.units().orElse(0);
        return switch (code) {
            case 1 -> INCH;
            case 2 -> 12 * INCH;
            case 4 -> 1;
            case 5 -> 10;
            case 6 -> 1000;
            case 8 -> INCH / 1e6;
            case 9 -> INCH / 1000;
            case 10 -> 36 * INCH;
            case 13 -> 0.001;
            case 14 -> 100;
            default -> {
                if (said.isEmpty()) {
                    findings.add(Finding.of(Severity.NOTE, "dxf.noUnit", name));
                }
                yield said.map(u -> u.toMm(1)).orElse(1.0);
            }
        };
    }

    /** @param layer of what stands around it, which things on layer 0 of blocks have */
    private Optional<Element> one(DxfEntity e, Affine around, String layer, int depth, Optional<Rgba> byBlock) {
        if (drawn >= MOST) {
            tooMany = true;
            return Optional.empty();
        }
        if (e.whole(60, 0) == 1 || SILENT.contains(e.type())) {
            return Optional.empty();
        }
        if (e.type().equals("INSERT")) {
            return inserted(e, around, layer, depth, byBlock);
        }
        Outline outline = DxfCurves.of(e).transformed(around);
        if (outline.isEmpty()) {
            dropped.merge(e.type(), 1, Integer::sum);
            return Optional.empty();
        }
        drawn++;
        DxfDocument.Layer on = document.layer(layer).orElse(new DxfDocument.Layer(layer, 7, Optional.empty(), false));
        Role role = LayerRoles.of(layer);
        boolean hidden = on.frozen() || on.colour() < 0;
        return Optional.of(new ShapeElement(
                Traits.named("").withRole(role).withHidden(hidden),
                outline,
                FillRule.EVEN_ODD,
                Paint.NONE,
                Optional.of(Stroke.plain(colour(e, on, byBlock), HAIRLINE))));
    }

    private static Rgba colour(DxfEntity e, DxfDocument.Layer layer, Optional<Rgba> byBlock) {
        int full = e.whole(420, -1);
        if (full >= 0) {
            return IndexedColours.of(full >> 16 & 255, full >> 8 & 255, full & 255);
        }
        int index = e.whole(62, 256);
        if (index == 0 && byBlock.isPresent()) {
            return byBlock.get();
        }
        if (index > 0 && index < 256) {
            return IndexedColours.of(index);
        }
        return layer.trueColour()
                .map(c -> IndexedColours.of(c >> 16 & 255, c >> 8 & 255, c & 255))
                .orElseGet(() -> IndexedColours.of(Math.abs(layer.colour())));
    }

    private Optional<Element> inserted(DxfEntity e, Affine around, String layer, int depth, Optional<Rgba> byBlock) {
        Optional<DxfDocument.Block> block = document.block(e.text(2, ""));
        if (block.isEmpty()) {
            dropped.merge(e.type(), 1, Integer::sum);
            return Optional.empty();
        }
        if (depth >= DEEPEST) {
            tooDeep = true;
            return Optional.empty();
        }
        Rgba own = colour(
                e, document.layer(layer).orElse(new DxfDocument.Layer(layer, 7, Optional.empty(), false)), byBlock);
        List<Element> all = new ArrayList<>();
        int columns = Math.clamp(e.whole(70, 1), 1, 1000);
        int rows = Math.clamp(e.whole(71, 1), 1, 1000);
        for (int r = 0; r < rows && drawn < MOST; r++) {
            for (int c = 0; c < columns && drawn < MOST; c++) {
                Affine own2 = around.times(placement(e, c * e.number(44, 0), r * e.number(45, 0)))
                        .times(Affine.translate(-block.get().x(), -block.get().y()));
                List<Element> copy = new ArrayList<>();
                for (DxfEntity inner : block.get().entities()) {
                    String on = inner.layer().equals("0") ? layer : inner.layer();
                    one(inner, own2, on, depth + 1, Optional.of(own)).ifPresent(copy::add);
                }
                all.addAll(joined(copy));
            }
        }
        tooMany |= drawn >= MOST;
        return all.isEmpty() ? Optional.empty() : Optional.of(GroupElement.of(Traits.named(e.text(2, "")), all));
    }

    private static Affine placement(DxfEntity e, double right, double up) {
        Affine turned = Affine.rotate(e.number(50, 0));
        Affine at = Affine.translate(e.number(10, 0), e.number(20, 0))
                .times(turned)
                .times(Affine.translate(right, up))
                .times(Affine.scale(e.number(41, 1), e.number(42, 1)));
        return e.mirrored() ? Affine.scale(-1, 1).times(at) : at;
    }

    /** Lines of one look whose ends meet, as one outline. */
    private static List<Element> joined(List<Element> elements) {
        List<EndJoining.Laid> laid = elements.stream()
                .map(e -> new EndJoining.Laid(e, Affine.IDENTITY))
                .toList();
        Map<Integer, Optional<Element>> changes = new HashMap<>(EndJoining.CLEAR.joined(
                laid, e -> e instanceof ShapeElement s ? List.of(s.role(), s.hidden(), s.stroke()) : e));
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < elements.size(); i++) {
            changes.getOrDefault(i, Optional.of(elements.get(i))).ifPresent(all::add);
        }
        return all;
    }
}
