package rondel.desktop.gang;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.stage.Window;
import rondel.desktop.dialog.FormDialog;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.gang.copies.DesignContents;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.Sheet;

/** Asks for a design: a whole sheet, or something that stands on one. */
public final class DesignDialog {

    /** Longer lists are not looked through in a menu; the rest is laid out by holding it. */
    private static final int MOST = 200;

    private final ChoiceBox<Design> design = new ChoiceBox<>();

    public DesignDialog(Job job) {
        design.setId("gang-design");
        design.getItems().setAll(all(job));
        design.setConverter(new ChoiceNames<>(d -> name(job, d)));
        design.getSelectionModel().selectFirst();
    }

    /** Every sheet that is no stock, then what stands on them. */
    public static List<Design> all(Job job) {
        List<Design> sheets = new ArrayList<>();
        List<Design> things = new ArrayList<>();
        for (Sheet sheet : job.sheets()) {
            if (sheet.planned().isEmpty()) {
                sheets.add(new Design.Page(sheet.id()));
                for (Element e : sheet.elements().reversed()) {
                    if (!e.hidden() && e.role() != Role.GUIDE && !(e instanceof CopyElement) && things.size() < MOST) {
                        things.add(new Design.Whole(e.id()));
                    }
                }
            }
        }
        sheets.addAll(things);
        return sheets;
    }

    /** What a design is called in a list: an element by its name and its sheet's. */
    static String name(Job job, Design design) {
        return design instanceof Design.Whole w
                ? job.find(w.element())
                        .map(l -> DesignContents.name(job, design) + " · "
                                + l.sheet().name())
                        .orElse("")
                : DesignContents.name(job, design);
    }

    public Optional<Design> ask(Window owner, String title, String go) {
        return new FormDialog(GuidePage.GANG).row("gang.design", design).ask(owner, title, go, design::getValue);
    }
}
