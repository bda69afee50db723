package rondel.catalogue;

import java.util.Locale;
import rondel.fields.RecipeName;
import rondel.operation.Operation;
import rondel.words.Words;

/** One kind of operation with an example that can be applied to the catalogue's sample job. */
public record OperationKind(Class<? extends Operation> type, Operation example) {

    static OperationKind of(Operation example) {
        return new OperationKind(example.getClass(), example);
    }

    /** The name in recipes: {@code EvenGaps} is {@code even-gaps}, unless the record says another. */
    public String name() {
        RecipeName given = type.getAnnotation(RecipeName.class);
        return given != null
                ? given.value()
                : type.getSimpleName().replaceAll("(?<=.)([A-Z])", "-$1").toLowerCase(Locale.ROOT);
    }

    /** One sentence for people who write recipes. */
    public String summary() {
        return Words.of("operations." + name());
    }
}
