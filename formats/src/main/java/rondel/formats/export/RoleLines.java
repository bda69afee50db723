package rondel.formats.export;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import rondel.geometry.Affine;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.job.RoleLook;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;

/** Takes what is printed and lines that a tool follows apart, and gives the lines their looks. */
final class RoleLines {

    /** A thousandth of an inch, in mm: what cutters and lasers take for a line to follow. */
    static final double HAIRLINE = 0.0254;

    /** Wide enough to be seen on a proof, in mm. */
    private static final double PROOF = 0.35;

    private final Job job;

    RoleLines(Job job) {
        this.job = job;
    }

    /** The elements that are in a file, in the look they have there. */
    List<Element> of(List<Element> elements, ExportWhat what, LineLook look) {
        return switch (what.kind()) {
            case PRINT -> kept(elements, e -> e.role() == Role.PRINT);
            case LINES -> laidOut(kept(elements, e -> what.roles().contains(e.role())), look);
            case ALL -> laidOut(elements, look);
            case PROOF -> proof(elements);
        };
    }

    /** Whether anything has a role other than print. */
    static boolean any(List<Element> elements) {
        return elements.stream().filter(e -> !e.hidden()).anyMatch(e -> switch (e) {
            case GroupElement g -> any(g.children());
            case CopyElement c -> c.content().once("lines", g -> any(g.children()));
            default -> e.role() != Role.PRINT && e.role() != Role.GUIDE;
        });
    }

    /** Whether anything is printed. */
    static boolean prints(List<Element> elements) {
        return elements.stream().filter(e -> !e.hidden()).anyMatch(e -> switch (e) {
            case GroupElement g -> prints(g.children());
            case CopyElement c -> c.content().once("prints", g -> prints(g.children()));
            default -> e.role() == Role.PRINT;
        });
    }

    /** Only what has no children and passes; groups that are left with nothing go. */
    private static List<Element> kept(List<Element> elements, Predicate<Element> test) {
        return kept(elements, test, new ChangedContents());
    }

    private static List<Element> kept(List<Element> elements, Predicate<Element> test, ChangedContents copies) {
        List<Element> all = new ArrayList<>();
        for (Element e : elements) {
            if (e instanceof CopyElement c) {
                CopyContent content = copies.of(c.content(), 1, children -> kept(children, test, copies));
                if (!content.group().children().isEmpty()) {
                    all.add(c.withContent(content));
                }
            } else if (e instanceof GroupElement g) {
                List<Element> children = kept(g.children(), test, copies);
                if (!children.isEmpty()) {
                    all.add(children.equals(g.children()) ? g : g.withChildren(children));
                }
            } else if (test.test(e)) {
                all.add(e);
            }
        }
        return all;
    }

    private List<Element> laidOut(List<Element> elements, LineLook look) {
        if (!look.apart()) {
            return looked(elements, look, Affine.IDENTITY);
        }
        List<Element> layers = new ArrayList<>();
        for (Role role : Role.values()) {
            List<Element> own = kept(elements, e -> e.role() == role);
            if (!own.isEmpty() && role != Role.GUIDE) {
                layers.add(GroupElement.of(Traits.named(job.lookOf(role).layer()), looked(own, look, Affine.IDENTITY)));
            }
        }
        return layers;
    }

    private List<Element> looked(List<Element> elements, LineLook look, Affine toSheet) {
        return looked(elements, look, toSheet, new ChangedContents());
    }

    private List<Element> looked(List<Element> elements, LineLook look, Affine toSheet, ChangedContents copies) {
        if (!look.byRole() && !look.hairline()) {
            return elements;
        }
        List<Element> all = new ArrayList<>();
        for (Element e : elements) {
            Affine own = toSheet.times(e.placement());
            all.add(
                    switch (e) {
                        case CopyElement c ->
                            c.withContent(copies.of(
                                    c.content(), own.meanScale(), children -> looked(children, look, own, copies)));
                        case GroupElement g -> g.withChildren(looked(g.children(), look, own, copies));
                        default -> e.role() == Role.PRINT ? e : looked(e, look, own.meanScale());
                    });
        }
        return all;
    }

    /** A line in its look.
     *
     * @param scale from its own space to the sheet */
    private Element looked(Element e, LineLook look, double scale) {
        RoleLook role = job.lookOf(e.role());
        double hair = HAIRLINE / Math.max(1e-9, scale);
        Stroke drawn = stroke(e).orElse(Stroke.plain(role.colour(), hair));
        Stroke wide = look.hairline() ? drawn.withWidth(hair) : drawn;
        if (!look.byRole()) {
            return stroke(e).isPresent() ? stroked(e, wide) : e;
        }
        return stroked(bare(e), wide.withPaint(Paint.solid(role.colour())).withPosition(Stroke.Position.CENTRE));
    }

    private List<Element> proof(List<Element> elements) {
        List<Element> all = new ArrayList<>(kept(elements, e -> e.role() == Role.PRINT));
        for (Role role : Role.values()) {
            if (role != Role.PRINT && role != Role.GUIDE) {
                all.addAll(proofed(kept(elements, e -> e.role() == role), Affine.IDENTITY));
            }
        }
        return all;
    }

    private List<Element> proofed(List<Element> elements, Affine toSheet) {
        return proofed(elements, toSheet, new ChangedContents());
    }

    private List<Element> proofed(List<Element> elements, Affine toSheet, ChangedContents copies) {
        return elements.stream()
                .<Element>map(e -> {
                    Affine own = toSheet.times(e.placement());
                    if (e instanceof GroupElement g) {
                        return g.withChildren(proofed(g.children(), own, copies));
                    }
                    if (e instanceof CopyElement c) {
                        return c.withContent(
                                copies.of(c.content(), own.meanScale(), children -> proofed(children, own, copies)));
                    }
                    double width = PROOF / Math.max(1e-9, own.meanScale());
                    return stroked(
                            bare(e),
                            dashed(e.role(), Stroke.plain(job.lookOf(e.role()).colour(), width)));
                })
                .toList();
    }

    /** Roles are told by pattern as well as by colour. */
    private static Stroke dashed(Role role, Stroke line) {
        double w = line.width();
        List<Double> dashes =
                switch (role) {
                    case KISS_CUT -> List.of(8 * w, 4 * w);
                    case SCORE -> List.of(12 * w, 4 * w, 2 * w, 4 * w);
                    case DRAW -> List.of(2 * w, 3 * w);
                    case STITCH -> List.of(5 * w, 2 * w);
                    default -> List.<Double>of();
                };
        return new Stroke(line.paint(), w, Stroke.Cap.BUTT, Stroke.Join.ROUND, 4, dashes, 0, Stroke.Position.CENTRE);
    }

    private static Optional<Stroke> stroke(Element e) {
        return switch (e) {
            case ShapeElement s -> s.stroke();
            case TextElement t -> t.stroke();
            default -> Optional.empty();
        };
    }

    private static Element bare(Element e) {
        Element plain = e.with(t -> t.withShadow(Optional.empty()).withOpacity(1));
        return switch (plain) {
            case ShapeElement s -> s.withFill(Paint.NONE);
            case TextElement t -> t.withFill(Paint.NONE);
            case PictureElement p -> p;
            case GroupElement g -> g;
            case CopyElement c -> c;
        };
    }

    private static Element stroked(Element e, Stroke stroke) {
        return switch (e) {
            case ShapeElement s -> s.withStroke(Optional.of(stroke));
            case TextElement t -> t.withStroke(Optional.of(stroke));
            default -> e;
        };
    }
}
