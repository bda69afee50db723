package rondel.desktop.compose.shelf;

import javafx.scene.image.Image;

/** How a thing on the shelf looks, in a square; its true size is in mm. */
public record ThingPicture(Image image, double width, double height) {

    private static final double USUAL_LARGEST = 70;
    private static final double LEAST_SHARE = 0.45;

    public double longest() {
        return Math.max(width, height);
    }

    /** Of a card's side, how much the thing fills, so that things keep their proportion to each other. */
    double share() {
        return Math.clamp(longest() / USUAL_LARGEST, LEAST_SHARE, 1);
    }
}
