package rondel.desktop.look;

import javafx.scene.Node;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.SVGPath;

/** Rondel's own small signs, each drawn in a square of 16 px. */
public enum Icons {
    ALIGN_LEFT("M1 1h1.6v14H1zM4 3h9v3.6H4zM4 9.4h5v3.6H4z"),
    ALIGN_CENTRE("M7.2 1h1.6v14H7.2zM2 3h12v3.6H2zM4.5 9.4h7v3.6h-7z"),
    ALIGN_RIGHT("M13.4 1H15v14h-1.6zM3 3h9v3.6H3zM7 9.4h5v3.6H7z"),
    ALIGN_TOP("M1 1h14v1.6H1zM3 4h3.6v9H3zM9.4 4H13v5H9.4z"),
    ALIGN_MIDDLE("M1 7.2h14v1.6H1zM3 2h3.6v12H3zM9.4 4.5H13v7H9.4z"),
    ALIGN_BOTTOM("M1 13.4h14V15H1zM3 3h3.6v9H3zM9.4 7H13v5H9.4z"),
    EVEN_ACROSS("M1 3h3v10H1zM6.5 3h3v10h-3zM12 3h3v10h-3zM4.6 7.4h1.3v1.2H4.6zM10.1 7.4h1.3v1.2h-1.3z"),
    EVEN_DOWN("M3 1h10v3H3zM3 6.5h10v3H3zM3 12h10v3H3zM7.4 4.6h1.2v1.3H7.4zM7.4 10.1h1.2v1.3H7.4z"),
    CENTRE_ALL("M1 1h14v14H1zM2.3 2.3v11.4h11.4V2.3zM5.5 5.5h5v5h-5z"),
    FAVOURITE("M8 1.6l1.9 4.2 4.6.5-3.4 3.1.9 4.5L8 11.6l-4 2.3.9-4.5L1.5 6.3l4.6-.5z"),
    SPACE_OUT("M1 1h4v4H1zM11 1h4v4h-4zM1 11h4v4H1zM11 11h4v4h-4zM6.2 2.4h3.6v1.2H6.2zM2.4 6.2h1.2v3.6H2.4z");

    private final String path;

    Icons(String path) {
        this.path = path;
    }

    public Node node() {
        SVGPath sign = new SVGPath();
        sign.setContent(path);
        sign.setFillRule(FillRule.EVEN_ODD);
        sign.getStyleClass().add("sign");
        return sign;
    }
}
