package rondel.formats.export;

import rondel.job.Job;
import rondel.job.Sheet;

/** What stands for what in the names of files: {@code {title}} or {@code {job}} for the job, {@code {sheet}} for the number of the sheet and
 *  {@code {sheet-name}} for its name, {@code {name}} for what is on it. */
public final class FileNames {

    private static final int LONGEST = 80;

    private FileNames() {}

    /** With all but a number filled in. */
    public static String of(String pattern, Job job, Sheet sheet, String name) {
        return of(pattern, job)
                .replace("{name}", plain(name))
                .replace("{sheet}", Integer.toString(job.sheets().indexOf(sheet) + 1))
                .replace("{sheet-name}", plain(sheet.name()));
    }

    /** With the job filled in. */
    public static String of(String pattern, Job job) {
        return pattern.replace("{title}", plain(job.title())).replace("{job}", plain(job.title()));
    }

    /** What every file system takes. */
    private static String plain(String text) {
        String kept = text.strip().replaceAll("[^\\p{L}\\p{Nd} _.()+-]+", "-").replaceAll("^[.\\s-]+|[.\\s-]+$", "");
        String shorter = kept.length() > LONGEST ? kept.substring(0, LONGEST) : kept;
        return shorter.isEmpty() ? "unnamed" : shorter;
    }
}
