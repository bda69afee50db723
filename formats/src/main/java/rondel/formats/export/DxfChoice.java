package rondel.formats.export;

import java.util.List;
import rondel.formats.dxf.DxfVersion;
import rondel.job.RoleLook;

/** How lines leave as DXF.
 *
 * @param version which readers it is for
 * @param blocks whether groups and copies are blocks; else all lines stand apart
 * @param looks how the job names the layers of roles, where it does */
public record DxfChoice(DxfVersion version, boolean blocks, List<RoleLook> looks) {

    public static final DxfChoice USUAL = new DxfChoice(DxfVersion.R2000, false, List.of());

    public DxfChoice {
        looks = List.copyOf(looks);
    }

    DxfChoice withLooks(List<RoleLook> other) {
        return new DxfChoice(version, blocks, other);
    }
}
