package rondel.desktop.run.running;

import java.util.ArrayList;
import java.util.List;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.LibraryModel;
import rondel.formats.job.OwnLibrary;
import rondel.job.Material;

/** The materials that can be chosen: the job's own, those that ship, and the person's. */
public final class MaterialChoice extends LibraryModel<Material> {

    private final Desk desk;

    public MaterialChoice(Desk desk, OwnLibrary<Material> library) {
        super(desk, library);
        this.desk = desk;
    }

    /** Each name once; what the job says of one holds. */
    @Override
    public List<Material> all() {
        List<Material> all = new ArrayList<>(desk.bench().job().run().materials());
        super.all().stream()
                .filter(m -> all.stream().noneMatch(a -> a.name().equals(m.name())))
                .forEach(all::add);
        return all;
    }
}
