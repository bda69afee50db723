package rondel.formats.job;

/** The version of the job file: major.minor. A newer minor adds fields that this one keeps; a newer major is refused. */
final class JobFormat {

    static final String VERSION = "1.0";
    static final String MIME_TYPE = "application/vnd.rondel.job+zip";
    static final int MAJOR = 1;

    private JobFormat() {}

    static int major(String version) {
        try {
            return Integer.parseInt(version.split("\\.")[0]);
        } catch (NumberFormatException e) {
            throw new BadJson("format", version);
        }
    }
}
