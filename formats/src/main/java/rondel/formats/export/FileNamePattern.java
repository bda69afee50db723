package rondel.formats.export;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import rondel.job.Job;

/** Names of several files from one: {@code {name}}, {@code {n}}, {@code {sheet}}, {@code {sheet-name}} and {@code {title}} stand for
 *  what each is; a name without any of them gets the name or the number of each before its ending. */
final class FileNamePattern {

    private static final int LONGEST = 80;

    private FileNamePattern() {}

    /** One file for each page, no two alike. */
    static List<Path> files(Path pattern, Job job, List<ExportPages.Named> pages, ExportRequest.Each each) {
        String name = pattern.getFileName().toString();
        if (pages.size() > 1 && !name.contains("{")) {
            int dot = name.lastIndexOf('.');
            String more = each == ExportRequest.Each.SHEET ? "-{sheet}" : "-{name}";
            name = dot < 0 ? name + more : name.substring(0, dot) + more + name.substring(dot);
        }
        List<Path> files = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < pages.size(); i++) {
            ExportPages.Named page = pages.get(i);
            String filled = name.replace("{name}", plain(page.name()))
                    .replace("{n}", Integer.toString(i + 1))
                    .replace("{sheet}", Integer.toString(page.sheet()))
                    .replace("{sheet-name}", plain(page.of().name()))
                    .replace("{title}", plain(job.title()));
            files.add(pattern.resolveSibling(unique(filled, taken)));
        }
        return files;
    }

    private static String unique(String name, Set<String> taken) {
        int dot = Math.max(0, name.lastIndexOf('.'));
        String one = name;
        for (int i = 2; !taken.add(one.toLowerCase(Locale.ROOT)); i++) {
            one = name.substring(0, dot) + "-" + i + name.substring(dot);
        }
        return one;
    }

    /** What every file system takes. */
    private static String plain(String text) {
        String kept = text.strip().replaceAll("[^\\p{L}\\p{Nd} _.()+-]+", "-").replaceAll("^[.\\s-]+|[.\\s-]+$", "");
        String shorter = kept.length() > LONGEST ? kept.substring(0, LONGEST) : kept;
        return shorter.isEmpty() ? "unnamed" : shorter;
    }
}
