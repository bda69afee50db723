package rondel.formats.job;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.Sheet;
import rondel.lines.check.EffectivePpi;
import rondel.lines.pieces.Part;
import rondel.lines.pieces.Parts;

/** What {@code rondel info --json} prints: sizes and the element tree, in mm on the sheet. */
public final class JobInfo {

    private JobInfo() {}

    public static ObjectNode of(Job job) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("title", job.title()).put("unit", job.unit().symbol());
        ArrayNode sheets = o.putArray("sheets");
        for (Sheet s : job.sheets()) {
            ObjectNode sheet = sheets.addObject();
            sheet.put("id", s.id().value()).put("name", s.name());
            sheet.put("width_mm", clean(s.width())).put("height_mm", clean(s.height()));
            ArrayNode elements = sheet.putArray("elements");
            elements(elements, s.elements(), Affine.IDENTITY, s, job.media());
            for (int i = 0; i < s.elements().size(); i++) {
                parts(
                        (ObjectNode) elements.get(i),
                        job.located(s.elements().get(i).id()));
            }
        }
        return o;
    }

    private static void elements(
            ArrayNode list, List<Element> elements, Affine toSheet, Sheet sheet, Map<MediaId, Media> media) {
        for (Element e : elements) {
            ObjectNode o = list.addObject();
            o.put("id", e.id().value())
                    .put("name", e.name())
                    .put("kind", e.kind())
                    .put("role", Enums.word(e.role()));
            Optional<Box> box = Extent.of(e, toSheet);
            Box b = box.orElse(new Box(0, 0, 0, 0));
            o.put("x_mm", clean(b.x())).put("y_mm", clean(b.y()));
            o.put("width_mm", clean(b.width())).put("height_mm", clean(b.height()));
            o.put("rotation_deg", clean(toSheet.times(e.placement()).rotation()));
            o.put("locked", e.locked()).put("hidden", e.hidden()).put("pinned", e.pinned());
            EffectivePpi.of(e, toSheet, media).ifPresent(p -> o.put("ppi", clean(p)));
            o.put("parked", box.isPresent() && !b.intersects(sheet.trim()));
            elements(o.putArray("children"), e.children(), toSheet.times(e.placement()), sheet, media);
        }
    }

    /** What a piece consists of, where one is cut, scored or drawn. */
    private static void parts(ObjectNode o, Located at) {
        Parts.ofPiece(at).ifPresent(parts -> {
            ArrayNode list = o.putArray("parts");
            for (Part p : parts) {
                ObjectNode part = list.addObject()
                        .put("element", p.element().value())
                        .put("kind", Enums.word(p.kind()))
                        .put("role", Enums.word(p.role()))
                        .put("depth", p.depth());
                part.put("x_mm", clean(p.box().x())).put("y_mm", clean(p.box().y()));
                part.put("width_mm", clean(p.box().width()))
                        .put("height_mm", clean(p.box().height()));
                part.put("length_mm", clean(p.length()));
            }
        });
    }

    /** Rounded to a millionth of a micron, so that 76.2 does not read 76.19999999999999. */
    private static double clean(double v) {
        return Math.rint(v * 1e9) / 1e9 + 0.0;
    }
}
