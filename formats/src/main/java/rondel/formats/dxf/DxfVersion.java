package rondel.formats.dxf;

/** Which readers a file is for. */
public enum DxfVersion {
    /** Arcs and splines are kept as such. */
    R2000,
    /** Old readers know polylines only: curves are flattened. */
    R12
}
