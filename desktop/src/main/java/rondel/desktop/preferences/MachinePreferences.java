package rondel.desktop.preferences;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import rondel.desktop.desk.Preferred;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.run.running.MachineAddress;
import rondel.devices.shop.SetPublishing;
import rondel.formats.preferences.Preferences;
import rondel.words.Refusal;
import rondel.words.Words;

/** Where machines and the shop are reached; an empty field is the stand-in that comes along. */
final class MachinePreferences extends LabelledFields {

    private final Preferred preferred;
    private final Label wrong = WrappedLabel.of("", "form-wrong");

    MachinePreferences(Preferred preferred) {
        this.preferred = preferred;
        machine(Preferences.CUTTER, "localhost:9100");
        machine(Preferences.PRINTER, "localhost:9101");
        machine(Preferences.STITCHER, "localhost:9102");
        machine(Preferences.SHOP, "http://localhost:8080");
        wide(WrappedLabel.of(Words.of("prefs.machinesHow"), "quiet"));
        wrong.setId("machine-wrong");
        wide(wrong);
    }

    private void machine(String what, String example) {
        TextField field = new TextField();
        field.setId("machine-" + what);
        field.setPromptText(example);
        String now = preferred.now().device(what);
        field.setText(
                what.equals(Preferences.SHOP) || MachineAddress.ofText(now) instanceof MachineAddress.Port ? now : "");
        field.setOnAction(e -> typed(what, field.getText().strip()));
        field.focusedProperty().addListener((o, before, focused) -> {
            if (!focused) {
                typed(what, field.getText().strip());
            }
        });
        row("prefs.machine." + what, field);
    }

    private void typed(String what, String address) {
        try {
            if (!address.isEmpty() && what.equals(Preferences.SHOP)) {
                SetPublishing.address(address);
            } else if (!address.isEmpty()) {
                MachineAddress.Port.of(address);
            }
            wrong.setText("");
            preferred.change(p -> p.withDevice(what, address));
        } catch (Refusal why) {
            wrong.setText(why.getMessage());
        }
    }
}
