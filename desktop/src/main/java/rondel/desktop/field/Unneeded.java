package rondel.desktop.field;

import javafx.scene.Node;

/** What has no meaning just now is not there, instead of being grey without a reason. */
public final class Unneeded {

    private Unneeded() {}

    /** Hides a field, with what belongs to it, while it is switched off. */
    public static void hidden(Node field, Node... withIt) {
        if (!field.visibleProperty().isBound()) {
            field.visibleProperty().bind(field.disableProperty().not());
            field.managedProperty().bind(field.visibleProperty());
        }
        for (Node other : withIt) {
            other.visibleProperty().bind(field.visibleProperty());
            other.managedProperty().bind(field.visibleProperty());
        }
    }
}
