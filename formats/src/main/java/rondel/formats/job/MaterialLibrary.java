package rondel.formats.job;

import java.nio.file.Path;
import rondel.job.Material;
import rondel.run.passes.ShippedMaterials;

/** The materials that a person has, beside those that ship. */
public final class MaterialLibrary extends OwnLibrary<Material> {

    /** @param file that they are kept in; it need not be there yet */
    public MaterialLibrary(Path file) {
        super(file, Material.class, ShippedMaterials.ALL, Material::name, "material.");
    }
}
