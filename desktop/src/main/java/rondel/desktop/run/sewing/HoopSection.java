package rondel.desktop.run.sewing;

import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.field.RovingPane;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.SewingActions;
import rondel.job.Cloth;
import rondel.job.Hoop;
import rondel.words.Words;

/** What is sewn on, and what holds it. */
public final class HoopSection extends LabelledFields {

    public HoopSection(RunActions actions, Commands commands) {
        SewingActions sewing = actions.sewing();
        ChoiceBox<Cloth> cloth =
                choice("sew-cloth", "sew.cloth", Cloth.values(), c -> Words.of("cloth." + c), sewing::cloth);
        Label now = WrappedLabel.of("", "quiet");
        now.setId("sew-hoop");
        wide(now);
        wide(new RovingPane(
                6,
                6,
                CommandButton.of(commands.get("chooseHoop")),
                CommandButton.of(commands.get("centreInHoop")),
                CommandButton.of(commands.get("noHoop"))));
        actions.model()
                .onChange(() -> showing(() -> {
                    cloth.setValue(sewing.settings().cloth());
                    now.setText(sewing.settings().hoop().map(HoopSection::told).orElse(Words.of("sew.noHoop")));
                }));
    }

    private static String told(Hoop hoop) {
        return Words.of(
                hoop.round() ? "sew.roundHoop" : "sew.inHoop",
                hoop.name(),
                Math.round(hoop.width()),
                Math.round(hoop.height()));
    }
}
