package rondel.gang.copies;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.job.Clip;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Mask;
import rondel.job.Sheet;

/** Copies look like their designs after every edit. */
public final class CopiesFollow {

    private CopiesFollow() {}

    public static Job follow(Job before, Job after) {
        return shown(after);
    }

    public static Job shown(Job job) {
        return shown(job, DesignContents.shownBy(job));
    }

    /** The job with every copy showing what its design looks like now; what is not there any more is shown as it was. Sheets whose copies
     *  all do so are the same objects afterwards.
     *
     * @param before what copies showed until now */
    public static Job shown(Job job, Map<Design, CopyContent> before) {
        boolean none =
                job.sheets().stream().noneMatch(s -> s.elements().stream().anyMatch(CopiesFollow::hasCopy));
        if (none) {
            return job;
        }
        DesignContents contents = new DesignContents(job, before);
        List<Sheet> sheets = new ArrayList<>();
        boolean changed = false;
        for (Sheet sheet : job.sheets()) {
            List<Element> elements = all(sheet.elements(), contents);
            changed |= elements != sheet.elements();
            sheets.add(elements == sheet.elements() ? sheet : sheet.withElements(elements));
        }
        return changed ? job.withSheets(sheets) : job;
    }

    private static boolean hasCopy(Element e) {
        return switch (e) {
            case CopyElement c -> true;
            case GroupElement g ->
                g.children().stream().anyMatch(CopiesFollow::hasCopy)
                        || g.clip()
                                .flatMap(Clip::from)
                                .filter(CopiesFollow::hasCopy)
                                .isPresent()
                        || g.mask()
                                .filter(m -> m.content().stream().anyMatch(CopiesFollow::hasCopy))
                                .isPresent();
            default -> false;
        };
    }

    private static List<Element> all(List<Element> elements, DesignContents contents) {
        List<Element> result = null;
        for (int i = 0; i < elements.size(); i++) {
            Element e = elements.get(i);
            Element now = one(e, contents);
            if (now != e && result == null) {
                result = new ArrayList<>(elements);
            }
            if (now != e) {
                result.set(i, now);
            }
        }
        return result == null ? elements : result;
    }

    private static Element one(Element e, DesignContents contents) {
        return switch (e) {
            case CopyElement c -> {
                CopyContent content = contents.of(c.of());
                yield content == c.content() ? c : c.withContent(content);
            }
            case GroupElement g -> group(g, contents);
            default -> e;
        };
    }

    /** What a clip or a mask keeps is shown too. */
    private static Element group(GroupElement g, DesignContents contents) {
        List<Element> children = all(g.children(), contents);
        Optional<Clip> clip = g.clip();
        if (clip.isPresent() && clip.get().from().isPresent()) {
            Element kept = clip.get().from().get();
            Element now = one(kept, contents);
            clip = now == kept
                    ? clip
                    : Optional.of(new Clip(
                            clip.get().outline(),
                            clip.get().rule(),
                            Optional.of(now),
                            clip.get().above()));
        }
        Optional<Mask> mask = g.mask();
        if (mask.isPresent()) {
            List<Element> content = all(mask.get().content(), contents);
            mask = content == mask.get().content()
                    ? mask
                    : Optional.of(
                            new Mask(content, mask.get().area(), mask.get().kind()));
        }
        return children == g.children() && clip == g.clip() && mask == g.mask()
                ? g
                : new GroupElement(g.traits(), children, clip, mask, g.use());
    }
}
