package rondel.run.passes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.SheetRun;
import rondel.words.Refusal;

/** The passes of a sheet, in the order in which they are made. Each line with a role is in exactly one of them. */
public final class Passes {

    private final Job job;
    private final Sheet sheet;
    private final SheetRun run;
    private final Map<PassKey, PassKey> into = new HashMap<>();
    private final Map<ElementId, PassKey> byHand = new HashMap<>();
    private final Map<String, Material> materials = new HashMap<>();

    private Passes(Job job, SheetId id) {
        this.job = job;
        this.sheet = job.sheet(id);
        this.run = job.run().of(id);
        for (PassSettings p : run.passes()) {
            p.joined().forEach(j -> into.put(j, p.key()));
            p.lines().forEach(e -> byHand.put(e, p.key()));
        }
    }

    /** Print before all, then what is drawn, scored, kiss cut, cut and stitched; unless the person has put them in another order. */
    public static List<Pass> of(Job job, SheetId sheet) {
        return new Passes(job, sheet).all();
    }

    /** One of them.
     *
     * @throws Refusal if the sheet has none such */
    public static Pass of(Job job, SheetId sheet, PassKey key) {
        return of(job, sheet).stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.of("pass.none"));
    }

    /** One of them by its place in their order, from 1.
     *
     * @throws Refusal if the sheet has none such */
    public static Pass numbered(Job job, SheetId sheet, int number) {
        List<Pass> all = of(job, sheet);
        if (number < 1 || number > all.size()) {
            throw Refusal.of("pass.noSuchNumber", number, all.size());
        }
        return all.get(number - 1);
    }

    /** What the lines of a sheet are made of where no rule says otherwise. */
    public static Material usualMaterial(Job job, SheetId sheet) {
        return new Passes(job, sheet).usual(SheetLines.of(job.sheet(sheet)));
    }

    /** A material by its name: the job's own, else one that ships, else one of that name with usual figures. */
    public static Material material(Job job, String name) {
        return job.run()
                .material(name)
                .or(() -> ShippedMaterials.named(name))
                .orElseGet(() -> ShippedMaterials.PAPER.tinted(name, ShippedMaterials.PAPER.colour()));
    }

    private Material usual(List<SheetLine> lines) {
        return run.material().map(this::material).orElseGet(() -> {
            if (lines.stream().anyMatch(l -> l.role() == Role.KISS_CUT)) {
                return ShippedMaterials.KISS_CUT_SHEET;
            }
            boolean stitched = lines.stream().anyMatch(l -> l.role() == Role.STITCH);
            return stitched ? ShippedMaterials.CLOTH : ShippedMaterials.CARD;
        });
    }

    private Material material(String name) {
        return materials.computeIfAbsent(name, n -> material(job, n));
    }

    private List<Pass> all() {
        List<SheetLine> lines = SheetLines.of(sheet);
        Material usual = usual(lines);
        boolean printed = SheetLines.prints(sheet);
        Map<PassKey, List<SheetLine>> by = new LinkedHashMap<>();
        if (printed) {
            by.put(PassKey.of(usual.name(), Role.PRINT), new ArrayList<>());
        }
        for (SheetLine line : lines) {
            by.computeIfAbsent(key(line, usual), k -> new ArrayList<>()).add(line);
        }
        List<PassKey> order = new ArrayList<>(by.keySet());
        order.sort(Comparator.comparingInt((PassKey k) -> rank(k.role()))
                .thenComparing(k -> !k.material().equals(usual.name()))
                .thenComparing(PassKey::number));
        if (run.ordered()) {
            order = ordered(order);
        }
        Optional<Box> extent = Box.around(lines.stream()
                .flatMap(l -> l.contour().segments().stream())
                .map(b -> b.hull())
                .toList());
        List<Pass> all = new ArrayList<>();
        Optional<String> loaded = Optional.empty();
        for (PassKey key : order) {
            Pass pass = pass(key, by.get(key), loaded, printed && key.material().equals(usual.name()), extent);
            all.add(pass);
            loaded = pass.settings().skipped() ? loaded : Optional.of(key.role() == Role.PRINT ? "" : key.material());
        }
        return all;
    }

    private Pass pass(
            PassKey key, List<SheetLine> lines, Optional<String> loaded, boolean printed, Optional<Box> extent) {
        PassSettings settings = run.of(key);
        Material material = material(key.material());
        boolean isPrint = key.role() == Role.PRINT;
        boolean isStitch = key.role() == Role.STITCH;
        List<Contour> added = new ArrayList<>();
        if (!isPrint) {
            added.addAll(WeedingLines.of(settings.weeding(), lines));
            if (settings.matching()) {
                extent.ifPresent(e -> added.addAll(MatchingShapes.around(e, sheet.trim())));
            }
        }
        Load load = new Load(
                material,
                loaded.filter(key.material()::equals).isPresent(),
                printed && !isPrint,
                material.mirrored(),
                isPrint,
                isStitch ? Optional.of(run.sewn()) : Optional.empty());
        return new Pass(
                key,
                settings,
                material,
                isPrint || isStitch ? Optional.empty() : Optional.of(material.by(key.role())),
                List.copyOf(lines),
                List.copyOf(added),
                load,
                isPrint ? printed() : isStitch ? stitched(lines) : fingerprint(lines, added));
    }

    /** What is printed, by where each thing lies and how large it is. */
    private String printed() {
        long hash = 17;
        for (Element e : sheet.elements()) {
            hash = 31 * hash + e.id().hashCode();
            hash = 31 * hash + e.placement().hashCode();
            hash = 31 * hash + Extent.of(e, Affine.IDENTITY).hashCode();
        }
        return Long.toHexString(hash);
    }

    /** What is stitched: its lines, and how each of them is. */
    private String stitched(List<SheetLine> lines) {
        long hash = run.sewn().toString().hashCode();
        for (SheetLine l : lines) {
            ElementId id = l.elements().getLast();
            hash = 31 * hash
                    + sheet.find(id)
                            .map(e -> e.element().traits().stitch().toString().hashCode())
                            .orElse(0);
        }
        return Long.toHexString(hash) + fingerprint(lines, List.of());
    }

    private static String fingerprint(List<SheetLine> lines, List<Contour> added) {
        long hash = 17;
        for (SheetLine l : lines) {
            hash = 31 * hash + l.contour().hashCode();
        }
        return Long.toHexString(31 * hash + added.hashCode());
    }

    /** The pass that a line is made in: where a hand has put it or something that it belongs to, else where its role and material
     *  put it, or what that pass was joined with. */
    private PassKey key(SheetLine line, Material usual) {
        List<ElementId> own = line.elements();
        for (int i = own.size() - 1; i >= 0; i--) {
            PassKey put = byHand.get(own.get(i));
            if (put != null) {
                return joined(put);
            }
        }
        String material = job.run().rules().stream()
                .filter(r -> fits(r, line))
                .findFirst()
                .map(MaterialRule::material)
                .orElse(usual.name());
        return joined(PassKey.of(material, line.role()));
    }

    private PassKey joined(PassKey key) {
        PassKey at = key;
        for (int i = 0; i < into.size() && into.containsKey(at); i++) {
            at = into.get(at);
        }
        return at;
    }

    private static boolean fits(MaterialRule rule, SheetLine line) {
        return rule.role().filter(r -> r != line.role()).isEmpty()
                && rule.colour()
                        .filter(c -> !c.withAlpha(255).equals(line.colour()))
                        .isEmpty()
                && rule.group().filter(g -> !line.isOf(g)).isEmpty();
    }

    private static int rank(Role role) {
        return switch (role) {
            case PRINT -> 0;
            case DRAW -> 1;
            case SCORE -> 2;
            case KISS_CUT -> 3;
            case CUT -> 4;
            default -> 5;
        };
    }

    /** In the person's order; what they have not seen yet stands behind what usually comes before it. */
    private List<PassKey> ordered(List<PassKey> usual) {
        List<PassKey> all = new ArrayList<>(run.passes().stream()
                .map(PassSettings::key)
                .filter(usual::contains)
                .toList());
        for (int i = 0; i < usual.size(); i++) {
            if (!all.contains(usual.get(i))) {
                int after = -1;
                for (int k = 0; k < i; k++) {
                    after = Math.max(after, all.indexOf(usual.get(k)));
                }
                all.add(after + 1, usual.get(i));
            }
        }
        return all;
    }
}
