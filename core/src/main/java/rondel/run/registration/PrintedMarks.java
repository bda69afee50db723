package rondel.run.registration;

import java.util.List;
import rondel.gang.marks.RegistrationMarks;
import rondel.gang.marks.RegistrationMarks.Mark;
import rondel.job.Element;
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
        String name = Words.of("marks.register");
        long drawn = sheet.elements().stream()
                .map(Element::name)
                .filter(name::equals)
                .count();
        if (sheet.planned().isEmpty() || drawn == 0) {
            throw Refusal.of("register.noMarks");
        }
        return RegistrationMarks.of(sheet.planned().get().usable());
    }

    public static boolean areOn(Sheet sheet) {
        return sheet.planned().isPresent()
                && sheet.elements().stream().anyMatch(e -> e.name().equals(Words.of("marks.register")));
    }
}
