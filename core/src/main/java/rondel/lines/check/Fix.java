package rondel.lines.check;

import java.util.function.Supplier;
import rondel.operation.Operation;

/** An edit that clears a finding, made only when it is asked for. */
public record Fix(Supplier<Operation> operation) {

    public static Fix of(Operation operation) {
        return new Fix(() -> operation);
    }
}
