package rondel.job;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Which pictures elements use: shown, in paints, in masks, or kept by clips. */
public final class MediaUse {

    private final Set<MediaId> found = new HashSet<>();

    private MediaUse() {}

    public static Set<MediaId> of(List<Element> elements) {
        MediaUse use = new MediaUse();
        elements.forEach(use::take);
        return use.found;
    }

    private static Set<MediaId> ofGroup(GroupElement group) {
        return of(List.of(group));
    }

    private void take(Element e) {
        switch (e) {
            case PictureElement p -> {
                found.add(p.media());
                found.add(p.whole());
            }
            case ShapeElement s -> {
                take(s.fill());
                s.stroke().ifPresent(k -> take(k.paint()));
            }
            case TextElement t -> {
                take(t.fill());
                t.stroke().ifPresent(k -> take(k.paint()));
            }
            case CopyElement c -> found.addAll(c.content().once(MediaUse.class, MediaUse::ofGroup));
            case GroupElement g -> {
                g.children().forEach(this::take);
                g.clip().flatMap(Clip::from).ifPresent(this::take);
                g.mask().ifPresent(m -> m.content().forEach(this::take));
            }
        }
    }

    private void take(Paint paint) {
        if (paint instanceof Paint.Tiles tiles) {
            tiles.content().forEach(this::take);
        }
    }
}
