package rondel.formats.job;

/** A field that is missing or says something that can't be. */
final class BadJson extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String field;

    BadJson(String field, String value) {
        super(field + ": " + value);
        this.field = field;
    }

    String field() {
        return field;
    }
}
