package rondel.job;

/** Names one element within its job; never shown as the element's name. */
public record ElementId(String value) {

    @Override
    public String toString() {
        return value;
    }
}
