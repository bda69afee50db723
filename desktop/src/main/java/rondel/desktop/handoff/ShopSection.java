package rondel.desktop.handoff;

import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.PasswordField;
import javafx.scene.control.TextField;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandHint;
import rondel.desktop.command.Commands;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.handoff.making.HandOffActions;
import rondel.desktop.handoff.making.ShopChoice;
import rondel.desktop.look.ChoiceNames;
import rondel.formats.preferences.Preferences;
import rondel.words.Refusal;
import rondel.words.Words;

/** Where the set is published, what it costs, and by which words it is found. */
final class ShopSection extends LabelledFields {

    private final HandOffActions actions;
    private final ShopChoice shop;
    private final TextField address = new TextField();
    private final PasswordField token = new PasswordField();
    private final Label said = new Label();

    ShopSection(HandOffActions actions, Commands commands) {
        this.actions = actions;
        this.shop = actions.shop();
        ChoiceBox<Boolean> own = new ChoiceBox<>();
        own.setId("shop-choice");
        own.getItems().setAll(false, true);
        own.setConverter(new ChoiceNames<>(o -> Words.of(o ? "handoff.shopByAddress" : "handoff.shopStandIn")));
        own.setValue(!shop.address().isEmpty());
        own.setMaxWidth(Double.MAX_VALUE);
        own.setOnAction(e -> {
            address.setVisible(own.getValue());
            token.setVisible(own.getValue());
            shop.address(own.getValue() ? address.getText() : "");
        });
        longRow("handoff.shop", own);
        address.setId("shop-address");
        address.setPromptText("http://localhost:8080");
        address.setText(shop.address());
        address.setVisible(own.getValue());
        onTyped(address, () -> {
            shop.address(address.getText());
            actions.model().desk().preferred().change(p -> p.withDevice(Preferences.SHOP, shop.address()));
        });
        row("handoff.address", address);
        token.setId("shop-token");
        token.setVisible(own.getValue());
        onTyped(token, () -> {
            shop.token(token.getText());
            token.clear();
        });
        row("handoff.token", token);
        TextField price = new TextField();
        price.setId("shop-price");
        price.setPromptText("4.50");
        price.textProperty().addListener((o, before, now) -> shop.price(now));
        row("handoff.price", price);
        TextField words = new TextField();
        words.setId("shop-words");
        words.setPromptText(Words.of("handoff.wordsPrompt"));
        words.textProperty().addListener((o, before, now) -> shop.words(now));
        row("handoff.words", words);
        Command publish = commands.get("publishSet");
        Button button = new Button(publish.label());
        button.setId("shop-publish");
        CommandHint.on(button, publish);
        button.setOnAction(e -> publish.run());
        wide(button);
        said.setId("shop-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.getStyleClass().add("quiet");
        wide(said);
        shop.onChange(this::follow);
        follow();
    }

    private void onTyped(TextField field, Runnable typed) {
        Runnable taken = () -> {
            try {
                typed.run();
            } catch (Refusal e) {
                actions.model().desk().notices().refuse(e.getMessage());
            }
        };
        field.setOnAction(e -> taken.run());
        field.focusedProperty().addListener((o, before, now) -> {
            if (!now && !field.getText().isBlank()) {
                taken.run();
            }
        });
    }

    private void follow() {
        said.setText(shop.said().isEmpty() ? Words.of("handoff.shopIdle") : shop.said());
    }
}
