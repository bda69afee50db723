package rondel.handoff.preview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.job.Sheet;
import rondel.job.Traits;
import rondel.lines.pieces.UsedPieces;
import rondel.text.Typesetter;
import rondel.words.Refusal;

/** A picture of a sheet for a shop's listing, as elements on a square of {@link #SIDE}: they are painted as any others are. */
public final class PreviewPicture {

    /** How large the square is, in mm. */
    public static final double SIDE = PreviewLook.SIDE;

    /** Of the close-up: how much of its surroundings is seen beside a piece, as a share of the piece. */
    private static final double AROUND = 0.16;

    /** The least that is shown close up, in mm: nearer, paper would fill the picture. */
    private static final double NEAREST = 18;

    private static final double GAP = 7;
    private static final double NAME = 9;

    private final Sheet sheet;
    private final List<Element> printed;
    private final Drawn drawn;

    /** The pieces, found once: several pictures show them. */
    private Optional<List<SheetPiece>> pieces = Optional.empty();

    /** @param printed what of the sheet is shown, on the sheet, back to front */
    public PreviewPicture(Sheet sheet, List<Element> printed, Typesetter typesetter) {
        this.sheet = sheet;
        this.printed = List.copyOf(printed);
        this.drawn = new Drawn(typesetter);
    }

    /** Back to front.
     *
     * @param watermark words that are laid over it again and again
     * @throws Refusal if there are no pieces to show */
    public List<Element> elements(Preview kind, Optional<String> watermark) {
        List<Element> shown =
                switch (kind) {
                    case ON_SURFACE -> onSurface();
                    case PIECES -> pieces(false);
                    case NAMED_PIECES -> pieces(true);
                    case CLOSE_UP -> closeUp();
                    case SIZE_CARD -> new SizeCard(sheet, drawn, this::laid).elements();
                };
        List<Element> all = new ArrayList<>();
        all.add(Drawn.whole(SIDE));
        all.addAll(shown);
        watermark.filter(w -> !w.isBlank()).ifPresent(w -> all.addAll(new Watermark(drawn, w.strip()).elements(SIDE)));
        return all;
    }

    private Paint paper() {
        return Paint.solid(sheet.paper().orElse(Rgba.WHITE));
    }

    /** The sheet lying on the surface, placed so. */
    private Element laid(Affine place) {
        return lying(Outline.rectangle(sheet.trim()), printed, place);
    }

    private Element lying(Outline edge, List<Element> content, Affine place) {
        List<Element> children = Stream.concat(Stream.of(Drawn.area(edge, paper())), content.stream())
                .toList();
        // Even-odd: the holes of a piece are contours of its edge.
        Clip clip = new Clip(edge, FillRule.EVEN_ODD);
        GroupElement cut = new GroupElement(Traits.named(""), children, Optional.of(clip), Optional.empty());
        return cut.withTraits(cut.traits().withPlacement(place).withShadow(Optional.of(PreviewLook.SHADOW)));
    }

    private List<Element> onSurface() {
        double free = SIDE - 2 * PreviewLook.MARGIN;
        double scale = Math.min(free / sheet.width(), free / sheet.height());
        return List.of(laid(centred(sheet.trim(), scale)));
    }

    private static Affine centred(Box box, double scale) {
        return Affine.translate(SIDE / 2, SIDE / 2)
                .times(Affine.scale(scale, scale))
                .times(Affine.translate(-box.centre().x(), -box.centre().y()));
    }

    private List<SheetPiece> found() {
        List<SheetPiece> found = pieces.orElseGet(() -> SheetPieces.of(sheet, printed));
        pieces = Optional.of(found);
        if (found.isEmpty()) {
            throw Refusal.of("preview.nothing", sheet.name());
        }
        return found;
    }

    private List<Element> pieces(boolean named) {
        List<SheetPiece> found = found();
        double free = SIDE - 2 * PreviewLook.MARGIN;
        PieceRows.Laid rows = new PieceRows(
                        found.stream().map(SheetPiece::box).toList(), free, gap(found.size()), named ? NAME : 0)
                .laid();
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            SheetPiece piece = found.get(i);
            Box at = rows.places().get(i).moved(PreviewLook.MARGIN, PreviewLook.MARGIN);
            Affine place = Affine.translate(at.x(), at.y())
                    .times(Affine.scale(rows.scale(), rows.scale()))
                    .times(Affine.translate(-piece.box().x(), -piece.box().y()));
            all.add(lying(piece.outline(), piece.content(), place));
            if (named) {
                String name = UsedPieces.called(piece.name(), i + 1);
                Point under = new Point(at.centre().x(), at.bottom() + NAME * 0.6);
                drawn.words(name, under, PreviewLook.LETTERS * 0.8, Math.max(at.width(), 2 * NAME), 0)
                        .ifPresent(all::add);
            }
        }
        return all;
    }

    /** Many pieces lie closer together. */
    private static double gap(int pieces) {
        return GAP / Math.max(1, Math.sqrt(pieces / 12.0));
    }

    /** The piece that most is drawn in, as large as the picture. */
    private List<Element> closeUp() {
        SheetPiece most = found().stream()
                .max(java.util.Comparator.comparingLong(PreviewPicture::detail)
                        .thenComparing(p -> p.box().width()))
                .orElseThrow();
        Box box = most.box();
        double seen = Math.max(NEAREST, Math.max(box.width(), box.height()) * (1 + AROUND));
        double scale = SIDE / Math.min(seen, Math.min(sheet.width(), sheet.height()));
        Affine place = centred(box, scale);
        Element under = shaded(laid(place), Math.max(1, scale * sheet.width() / SIDE));
        // Its edge is seen by the shadow that it throws once it begins to come off.
        return most.cut() ? List.of(under, lying(most.outline(), most.content(), place)) : List.of(under);
    }

    /** Shadows are measured on the picture: close up, that of the sheet is as much larger as the sheet is. */
    private static Element shaded(Element laid, double larger) {
        Shadow s = PreviewLook.SHADOW;
        return laid.with(t -> t.withShadow(
                Optional.of(new Shadow(s.distance() * larger, s.angle(), s.softness() * larger, s.colour()))));
    }

    private static long detail(SheetPiece piece) {
        return piece.content().stream()
                .flatMap(GroupElement::everything)
                .mapToLong(PreviewPicture::parts)
                .sum();
    }

    private static long parts(Element e) {
        return switch (e) {
            case rondel.job.ShapeElement s -> s.outline().size();
            case rondel.job.TextElement t -> t.outline().size();
            case rondel.job.PictureElement p -> 400;
            case rondel.job.CopyElement c ->
                c.content().group().children().stream()
                        .flatMap(GroupElement::everything)
                        .mapToLong(PreviewPicture::parts)
                        .sum();
            case GroupElement g -> 0;
        };
    }
}
