package rondel.run.registration;

import java.util.List;
import rondel.gang.marks.RegistrationMarks;
import rondel.gang.marks.RegistrationMarks.Mark;
import rondel.job.GroupElement;
import rondel.job.Sheet;
import rondel.words.Refusal;
import rondel.words.Words;

/** The registration marks that are printed with a sheet. */
public final class PrintedMarks {

    private PrintedMarks() {}

    /** Where a plan puts them on its sheet.
     *
     * @throws Refusal if it has none */
    public static List<Mark> of(Sheet sheet) {
        if (!areOn(sheet)) {
            throw Refusal.of("register.noMarks");
        }
        return RegistrationMarks.of(sheet.planned().get().usable());
    }

    /** Whether a plan has put any onto a sheet. */
    public static boolean areOn(Sheet sheet) {
        String name = Words.of("marks.register");
        return sheet.planned().isPresent()
                && sheet.elements().stream().flatMap(GroupElement::everything).anyMatch(e -> e.name()
                        .equals(name));
    }
}
