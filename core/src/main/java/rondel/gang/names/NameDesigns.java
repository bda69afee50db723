package rondel.gang.names;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.NameList;
import rondel.words.Refusal;

/** The designs that a list makes of its template: one a row that is not left out, as often as its count says. */
public final class NameDesigns {

    private NameDesigns() {}

    /** @throws Refusal if a count is no number */
    public static List<DesignCount> of(NameList list) {
        return of(list, UnaryOperator.identity());
    }

    /** @param into what is laid out of each row: the row itself, or something folded that has it on its faces */
    public static List<DesignCount> of(NameList list, UnaryOperator<Design> into) {
        Optional<Integer> column = list.count().map(list::column);
        List<DesignCount> all = new ArrayList<>();
        for (int i = 0; i < list.rows().size(); i++) {
            NameList.Row row = list.rows().get(i);
            int count = column.isPresent() ? count(list, row, column.get(), i) : 1;
            if (!row.leftOut() && count > 0) {
                all.add(new DesignCount(
                        into.apply(new Design.Row(list.template(), list.id(), i)), OptionalInt.of(count)));
            }
        }
        if (all.isEmpty()) {
            throw Refusal.of("names.none", list.name());
        }
        return all;
    }

    private static int count(NameList list, NameList.Row row, int column, int number) {
        String said = column < row.cells().size() ? row.cells().get(column).strip() : "";
        if (said.isEmpty()) {
            return 1;
        }
        if (!said.matches("\\d{1,5}")) {
            throw Refusal.of("names.count", number + 1, said, list.columns().get(column));
        }
        return Integer.parseInt(said);
    }
}
