package rondel.job;

/** Which plan is meant, in its job. */
public record PlanId(String value) {

    @Override
    public String toString() {
        return value;
    }
}
