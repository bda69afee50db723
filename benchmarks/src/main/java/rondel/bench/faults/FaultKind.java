package rondel.bench.faults;

/** What is damaged. */
enum FaultKind {
    SVG(".svg"),
    PNG(".png"),
    JPEG(".jpg"),
    JOB_BYTES(".rondel"),
    JOB_JSON(".rondel"),
    RECIPE(".json"),
    JOURNAL(".jsonl"),
    FONT(".ttf");

    private final String ending;

    FaultKind(String ending) {
        this.ending = ending;
    }

    String ending() {
        return ending;
    }
}
