package rondel.bench.soak;

/** What is read, and damaged. */
enum ReadKind {
    SVG(".svg"),
    PNG(".png"),
    JPEG(".jpg"),
    PACKED_SVG(".svgz"),
    PDF(".pdf"),
    DXF(".dxf"),
    TAPE(".dst"),
    HPGL(".hpgl"),
    NAMES(".csv"),
    STOCKS(".json"),
    PREFERENCES(".json"),
    JOB_BYTES(".rondel"),
    JOB_JSON(".rondel"),
    RECIPE(".json"),
    JOURNAL(".jsonl"),
    FONT(".ttf");

    private final String ending;

    ReadKind(String ending) {
        this.ending = ending;
    }

    String ending() {
        return ending;
    }
}
