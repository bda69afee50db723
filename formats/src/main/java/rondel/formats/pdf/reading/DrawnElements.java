package rondel.formats.pdf.reading;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.Traits;

/** What a page draws, as it comes: layers are groups, and what is drawn one after another inside of one clip and one mask is one group. */
final class DrawnElements {

    private final Deque<Layer> layers = new ArrayDeque<>();

    /** What is drawn while something is open; what is marked otherwise than as a layer has no name and is no group.
     *
     * @param apart whether it is drawn for something else, as a tile or a mask, and never goes on the page itself */
    private record Layer(Optional<String> name, List<Element> inside, boolean apart) {}

    /** What hides a part of what is drawn.
     *
     * @param mask a soft one
     * @param maskKey tells one soft mask from another */
    record Veil(Optional<Outline> clip, Optional<Mask> mask, Object maskKey) {
        boolean isNone() {
            return clip.isEmpty() && mask.isEmpty();
        }

        boolean isSame(Veil other) {
            return clip.equals(other.clip) && maskKey == other.maskKey;
        }

        Element around(List<Element> inside) {
            Optional<Clip> edge = clip.map(c -> new Clip(c, FillRule.NON_ZERO));
            return new GroupElement(Traits.named(""), inside, edge, mask);
        }
    }

    /** What was drawn last inside of a veil, so that what follows in the same one joins it. */
    private record Veiled(Veil veil, List<Element> inside, int at) {}

    /** Work that reads may fail. */
    interface Reading {
        void run() throws IOException;
    }

    private Optional<Veiled> veiled = Optional.empty();

    DrawnElements() {
        layers.push(new Layer(Optional.empty(), new ArrayList<>(), true));
    }

    /** All that was drawn on the page. */
    List<Element> all() {
        while (layers.size() > 1) {
            close();
        }
        return layers.peek().inside();
    }

    private List<Element> open() {
        return layers.peek().inside();
    }

    /** @param name of a layer; nothing for what is marked otherwise */
    void begin(Optional<String> name) {
        layers.push(new Layer(name, name.isPresent() ? new ArrayList<>() : open(), false));
        veiled = Optional.empty();
    }

    /** Ends what was begun last, if anything was. */
    void end() {
        if (!layers.peek().apart()) {
            close();
        }
    }

    private void close() {
        Layer layer = layers.pop();
        veiled = Optional.empty();
        if (layer.name().isPresent() && !layer.inside().isEmpty()) {
            open().add(GroupElement.of(Traits.named(layer.name().get()), layer.inside()));
        }
    }

    /** Runs work, and ends whatever it left open. */
    void layered(String name, Reading work) throws IOException {
        begin(Optional.of(name));
        int open = layers.size();
        work.run();
        while (layers.size() > open) {
            close();
        }
        end();
    }

    /** What work draws, apart from the page. */
    List<Element> apart(Reading work) throws IOException {
        Optional<Veiled> before = veiled;
        Layer own = new Layer(Optional.empty(), new ArrayList<>(), true);
        layers.push(own);
        veiled = Optional.empty();
        try {
            work.run();
        } finally {
            while (layers.peek() != own) {
                close();
            }
            layers.pop();
            veiled = before;
        }
        return own.inside();
    }

    void add(Element e, Veil veil) {
        if (veil.isNone()) {
            veiled = Optional.empty();
            open().add(e);
            return;
        }
        if (veiled.isPresent()
                && veiled.get().veil().isSame(veil)
                && veiled.get().at() == open().size()) {
            veiled.get().inside().add(e);
            open().set(open().size() - 1, veil.around(veiled.get().inside()));
            return;
        }
        List<Element> inside = new ArrayList<>(List.of(e));
        open().add(veil.around(inside));
        veiled = Optional.of(new Veiled(veil, inside, open().size()));
    }
}
