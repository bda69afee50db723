package rondel.formats.pdf.printready;

import java.util.Map;
import java.util.Optional;
import rondel.formats.page.Page;
import rondel.geometry.Outline;
import rondel.job.Role;

/** One page for a print shop.
 *
 * @param print what is printed, with its bleed
 * @param lines what a tool follows, on a page of the same size, by its role
 * @param white where white ink lies under the print, on a page of the same size */
public record PrintReadyPage(Page print, Map<Role, Page> lines, Optional<Outline> white) {

    public PrintReadyPage {
        lines = Map.copyOf(lines);
    }
}
