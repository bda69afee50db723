package rondel.gang.copies;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import rondel.compose.slot.FillSlots;
import rondel.geometry.Affine;
import rondel.job.CopyContent;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.NameList;
import rondel.job.TextElement;

/** A design with its blanks filled in from a row of a list. */
final class RowContent {

    private static final ElementId PICTURE = new ElementId("filled-in");

    private final Job job;
    private final NameList list;

    RowContent(Job job, NameList list) {
        this.job = job;
        this.list = list;
    }

    CopyContent of(CopyContent template, int row) {
        if (row < 0 || row >= list.rows().size()) {
            return template;
        }
        NameList.Row said = list.rows().get(row);
        Map<ElementId, NameList.FilledText> texts = said.texts().stream()
                .collect(Collectors.toMap(NameList.FilledText::element, Function.identity(), (a, b) -> b));
        Map<ElementId, NameList.FilledPicture> pictures = said.pictures().stream()
                .collect(Collectors.toMap(NameList.FilledPicture::element, Function.identity(), (a, b) -> b));
        return template.withElements(filled(template.group().children(), Affine.IDENTITY, texts, pictures));
    }

    private List<Element> filled(
            List<Element> elements,
            Affine around,
            Map<ElementId, NameList.FilledText> texts,
            Map<ElementId, NameList.FilledPicture> pictures) {
        return elements.stream()
                .map(e -> switch (e) {
                    case TextElement t
                    when texts.containsKey(t.id()) ->
                        t.withLettering(
                                texts.get(t.id()).lettering(), texts.get(t.id()).outline());
                    case GroupElement g
                    when pictures.containsKey(g.id())
                            && pictures.get(g.id()).media().isPresent() ->
                        FillSlots.filled(
                                g, job.media().get(pictures.get(g.id()).media().get()), around, () -> PICTURE);
                    case GroupElement g ->
                        g.withChildren(filled(g.children(), around.times(g.placement()), texts, pictures));
                    default -> e;
                })
                .toList();
    }
}
