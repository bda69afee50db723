package rondel.formats.export;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import rondel.job.Job;

/** Names of several files from one: {@code {name}}, {@code {n}}, {@code {sheet}}, {@code {sheet-name}}, {@code {title}} and {@code {job}} stand for
 *  what each is; a name without any of them gets the name or the number of each before its ending. */
final class FileNamePattern {

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
            String filled = FileNames.of(name.replace("{n}", Integer.toString(i + 1)), job, page.of(), page.name());
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
}
