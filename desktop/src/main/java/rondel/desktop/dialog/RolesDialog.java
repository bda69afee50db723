package rondel.desktop.dialog;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.shape.Rectangle;
import javafx.stage.Window;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.FxColours;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Lists the looks that there are, each with the role that things of that look get. */
public final class RolesDialog {

    private final List<RoleRule> looks;
    private final LengthUnit unit;
    private final List<ChoiceBox<Role>> choices = new ArrayList<>();
    private final FormDialog form = new FormDialog(GuidePage.LINES);

    /** @param unit that the widths of lines are told in */
    public RolesDialog(List<RoleRule> looks, LengthUnit unit) {
        this.looks = looks;
        this.unit = unit;
        for (RoleRule look : looks) {
            ChoiceBox<Role> choice = new ChoiceBox<>();
            choice.setId("look-" + choices.size());
            choice.getItems().setAll(Role.values());
            choice.setConverter(new ChoiceNames<>(r -> Words.of("role." + r)));
            choice.setValue(look.role());
            choice.setAccessibleText(words(look));
            choices.add(choice);
            Rectangle swatch = new Rectangle(22, 14);
            swatch.setFill(FxColours.of(look.colour().orElse(Rgba.BLACK)));
            HBox row = new HBox(8, swatch, choice, new Label(words(look)));
            row.setAlignment(Pos.CENTER_LEFT);
            form.row(row);
        }
    }

    private String words(RoleRule look) {
        String colour = look.colour().map(Rgba::hex).orElse("");
        String kind = look.dashed()
                .map(d -> Words.of(d ? "roles.dashed" : "roles.whole"))
                .orElse(Words.of("roles.filled"));
        String width = look.width().isEmpty()
                ? ""
                : " · " + LengthFormat.withUnit(look.width().getAsDouble(), unit);
        return colour + " · " + kind + width;
    }

    public Optional<List<RoleRule>> ask(Window owner) {
        return form.ask(owner, Words.of("roles.heading"), Words.of("roles.go"), this::rules);
    }

    private List<RoleRule> rules() {
        List<RoleRule> rules = new ArrayList<>();
        for (int i = 0; i < looks.size(); i++) {
            RoleRule look = looks.get(i);
            rules.add(new RoleRule(
                    look.colour(), look.dashed(), look.width(), choices.get(i).getValue()));
        }
        return rules;
    }
}
