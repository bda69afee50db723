package rondel.job;

/** Which list of names is meant, in its job. */
public record NameListId(String value) {

    @Override
    public String toString() {
        return value;
    }
}
