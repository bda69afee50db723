package rondel.job;

/** Names one sheet within its job. */
public record SheetId(String value) {

    @Override
    public String toString() {
        return value;
    }
}
