package rondel.desktop.help;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableHead;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.Link;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.parser.Parser;

/** A page of Markdown as nodes that are read: headings, paragraphs, lists, tables, code, pictures, links. Made on any thread.
 *
 * @param followed hears of a link that is pressed */
record MarkdownNodes(Consumer<String> followed) {

    private static final Parser PARSER =
            Parser.builder().extensions(List.of(TablesExtension.create())).build();

    /** As wide as a picture of a page is shown, in px. */
    private static final double PICTURE = 620;

    private static final double GAP = 10;

    /** @param markdown CommonMark, with tables as in GitHub's */
    VBox page(String markdown) {
        return blocks(PARSER.parse(markdown));
    }

    private VBox blocks(Node parent) {
        VBox box = new VBox(GAP);
        for (Node n = parent.getFirstChild(); n != null; n = n.getNext()) {
            box.getChildren().add(block(n));
        }
        return box;
    }

    private javafx.scene.Node block(Node n) {
        return switch (n) {
            case Heading h -> styled(flow(h), "guide-heading-" + Math.min(h.getLevel(), 3));
            case Paragraph p
            when p.getFirstChild() instanceof org.commonmark.node.Image i && i.getNext() == null -> picture(i);
            case FencedCodeBlock c -> new CodeBlock(c.getLiteral().stripTrailing());
            case IndentedCodeBlock c -> new CodeBlock(c.getLiteral().stripTrailing());
            case BulletList l -> list(l, 0);
            case OrderedList l -> list(l, l.getMarkerStartNumber() == null ? 1 : l.getMarkerStartNumber());
            case TableBlock t -> table(t);
            default -> flow(n);
        };
    }

    private static <T extends javafx.scene.Node> T styled(T node, String style) {
        node.getStyleClass().add(style);
        return node;
    }

    private TextFlow flow(Node parent) {
        TextFlow flow = new TextFlow();
        flow.getChildren().setAll(inlines(parent, List.of()));
        return styled(flow, "guide-text");
    }

    private List<javafx.scene.Node> inlines(Node parent, List<String> styles) {
        List<javafx.scene.Node> all = new ArrayList<>();
        for (Node n = parent.getFirstChild(); n != null; n = n.getNext()) {
            switch (n) {
                case org.commonmark.node.Text t -> all.add(text(t.getLiteral(), styles));
                case Code c -> all.add(text(c.getLiteral(), with(styles, "guide-code")));
                case StrongEmphasis s -> all.addAll(inlines(s, with(styles, "guide-strong")));
                case Emphasis e -> all.addAll(inlines(e, with(styles, "guide-emphasis")));
                case SoftLineBreak b -> all.add(text(" ", styles));
                case HardLineBreak b -> all.add(text("\n", styles));
                case Link l -> all.add(link(l));
                case org.commonmark.node.Image i -> all.add(picture(i));
                default -> all.addAll(inlines(n, styles));
            }
        }
        return all;
    }

    private static List<String> with(List<String> styles, String one) {
        List<String> all = new ArrayList<>(styles);
        all.add(one);
        return all;
    }

    private static Text text(String words, List<String> styles) {
        Text text = styled(new Text(words), "guide-words");
        text.getStyleClass().addAll(styles);
        return text;
    }

    private javafx.scene.Node link(Link l) {
        String words = plain(l);
        if (GuidePage.linked(l.getDestination()).isEmpty()) {
            return text(words, List.of());
        }
        Hyperlink link = new Hyperlink(words);
        link.setOnAction(e -> followed.accept(l.getDestination()));
        return link;
    }

    private static String plain(Node parent) {
        StringBuilder words = new StringBuilder();
        for (Node n = parent.getFirstChild(); n != null; n = n.getNext()) {
            words.append(
                    n instanceof org.commonmark.node.Text t
                            ? t.getLiteral()
                            : n instanceof Code c ? c.getLiteral() : plain(n));
        }
        return words.toString();
    }

    private static javafx.scene.Node picture(org.commonmark.node.Image i) {
        String words = plain(i);
        return GuidePage.picture(i.getDestination())
                .<javafx.scene.Node>map(url -> {
                    ImageView view = new ImageView(new Image(url.toExternalForm(), 2 * PICTURE, 0, true, true, true));
                    view.setPreserveRatio(true);
                    view.setFitWidth(PICTURE);
                    view.setAccessibleText(words);
                    return view;
                })
                .orElseGet(() -> text(words, List.of()));
    }

    private VBox list(Node list, int first) {
        VBox box = new VBox(GAP / 2);
        int number = first;
        for (Node n = list.getFirstChild(); n != null; n = n.getNext()) {
            if (n instanceof ListItem item) {
                Label mark = styled(new Label(first == 0 ? "•" : number + "."), "guide-mark");
                mark.setMinWidth(Region.USE_PREF_SIZE);
                VBox said = blocks(item);
                HBox.setHgrow(said, Priority.ALWAYS);
                box.getChildren().add(new HBox(GAP, mark, said));
                number++;
            }
        }
        return box;
    }

    private GridPane table(TableBlock table) {
        GridPane grid = styled(new GridPane(), "guide-table");
        int row = 0;
        int columns = 0;
        for (Node part = table.getFirstChild(); part != null; part = part.getNext()) {
            for (Node r = part.getFirstChild(); r != null; r = r.getNext()) {
                if (r instanceof TableRow) {
                    int column = 0;
                    for (Node c = r.getFirstChild(); c != null; c = c.getNext()) {
                        if (c instanceof TableCell) {
                            TextFlow cell = styled(flow(c), "guide-cell");
                            if (part instanceof TableHead) {
                                cell.getStyleClass().add("guide-head");
                            }
                            grid.add(cell, column++, row);
                        }
                    }
                    columns = Math.max(columns, column);
                    row++;
                }
            }
        }
        for (int i = 0; i < columns; i++) {
            ColumnConstraints width = new ColumnConstraints();
            // What is looked for is in the first column, and short.
            width.setPercentWidth(i == 0 && columns > 1 ? 30 : 70.0 / Math.max(1, columns - 1));
            grid.getColumnConstraints().add(width);
        }
        return grid;
    }
}
