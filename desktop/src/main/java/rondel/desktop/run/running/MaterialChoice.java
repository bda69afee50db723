package rondel.desktop.run.running;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import rondel.desktop.desk.Desk;
import rondel.formats.job.MaterialLibrary;
import rondel.job.Material;
import rondel.run.passes.ShippedMaterials;

/** The materials that can be chosen: the job's own, those that ship, and the person's, which are read and kept in the background. */
public final class MaterialChoice {

    private final Desk desk;
    private final MaterialLibrary library;
    private List<Material> kept = ShippedMaterials.ALL;

    public MaterialChoice(Desk desk, MaterialLibrary library) {
        this.desk = desk;
        this.library = library;
    }

    /** Each name once; what the job says of one holds. */
    public List<Material> all() {
        List<Material> all = new ArrayList<>(desk.bench().job().run().materials());
        kept.stream()
                .filter(m -> all.stream().noneMatch(a -> a.name().equals(m.name())))
                .forEach(all::add);
        return all;
    }

    /** Reads the person's list again. */
    public void read(Runnable then) {
        work(() -> library.all(), all -> then.run());
    }

    /** Keeps a material in the person's list, in the place of an older one of its name. */
    public void keep(Material material, Runnable then) {
        work(
                () -> {
                    boolean own = library.all().stream().anyMatch(m -> m.name().equals(material.name()))
                            && ShippedMaterials.named(material.name()).isEmpty();
                    if (own) {
                        library.remove(material.name());
                    }
                    library.add(material);
                    return library.all();
                },
                all -> then.run());
    }

    private void work(java.util.concurrent.Callable<List<Material>> work, Consumer<List<Material>> then) {
        desk.workers()
                .file(
                        work,
                        all -> {
                            kept = all;
                            then.accept(all);
                        },
                        desk.notices()::failed,
                        () -> {});
    }
}
