package rondel.gang.names;

import java.util.ArrayList;
import java.util.List;
import rondel.job.NameList;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;

/** What is to be said of the rows of a list. */
public final class NameFindings {

    private NameFindings() {}

    /** A finding about a row.
     *
     * @param row from 0 */
    public record About(int row, Finding finding) {}

    /** Of the rows that are made, in their order. */
    public static List<About> of(NameList list) {
        List<About> all = new ArrayList<>();
        for (int i = 0; i < list.rows().size(); i++) {
            NameList.Row row = list.rows().get(i);
            if (!row.leftOut()) {
                of(row, i, all);
            }
        }
        return all;
    }

    private static void of(NameList.Row row, int i, List<About> all) {
        String number = String.valueOf(i + 1);
        for (NameList.FilledText t : row.texts()) {
            String said = t.lettering().content().replace('\n', ' ');
            if (t.how() == NameList.Fitted.TOO_WIDE) {
                all.add(new About(i, Finding.of(Severity.ERROR, "nameTooWide", number, said)));
            }
            if (!t.missing().isEmpty()) {
                all.add(new About(
                        i,
                        Finding.of(
                                Severity.ERROR,
                                "nameLetters",
                                number,
                                said,
                                t.missing(),
                                t.lettering().font().family())));
            }
            if (said.isBlank()) {
                all.add(new About(i, Finding.of(Severity.WARNING, "nameEmpty", number)));
            }
        }
        for (NameList.FilledPicture p : row.pictures()) {
            if (p.media().isEmpty() && !p.file().isEmpty()) {
                all.add(new About(i, Finding.of(Severity.ERROR, "namePicture", number, p.file())));
            }
        }
    }
}
