package rondel.formats.pdf.printready;

import java.util.Map;
import rondel.formats.page.Page;
import rondel.job.Role;

/** One page for a print shop.
 *
 * @param print what is printed, with its bleed
 * @param lines what a tool follows, on a page of the same size, by its role */
public record PrintReadyPage(Page print, Map<Role, Page> lines) {

    public PrintReadyPage {
        lines = Map.copyOf(lines);
    }
}
