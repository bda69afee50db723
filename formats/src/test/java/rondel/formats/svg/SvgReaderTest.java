package rondel.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rondel.formats.Fixtures.drawing;
import static rondel.formats.Fixtures.svg;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rondel.formats.artwork.Artwork;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.lines.check.Finding;

class SvgReaderTest {

    private static Box box(Element e) {
        return Extent.of(e, Affine.IDENTITY).orElseThrow();
    }

    private static ShapeElement shape(Element e) {
        return e instanceof ShapeElement s ? s : shape(e.children().getFirst());
    }

    private static Paint fill(Artwork art) {
        return shape(art.elements().getFirst()).fill();
    }

    @ParameterizedTest
    @CsvSource({"96px, 25.4", "96, 25.4", "1in, 25.4", "2.54cm, 25.4", "25.4mm, 25.4", "72pt, 25.4", "6pc, 25.4"})
    void aDrawingIsAsLargeAsItsUnitSays(String width, double mm) {
        Artwork art = svg("<svg xmlns='http://www.w3.org/2000/svg' width='" + width + "' height='" + width
                + "' viewBox='0 0 10 10'><rect width='10' height='10'/></svg>");
        assertThat(art.width()).isCloseTo(mm, within(1e-9));
        assertThat(box(art.elements().getFirst()).width()).isCloseTo(mm, within(1e-9));
    }

    @Test
    void withoutASizeTheViewBoxCountsInPxAndWithoutThatTheDrawingItself() {
        assertThat(svg("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 48 96'><path d='M0 0h9v9z'/></svg>")
                        .height())
                .isCloseTo(25.4, within(1e-9));
        Artwork bare =
                svg("<svg xmlns='http://www.w3.org/2000/svg'><rect x='96' y='96' width='96' height='48'/></svg>");
        assertThat(bare.width()).isCloseTo(25.4, within(1e-9));
        assertThat(bare.findings()).extracting(Finding::code).containsExactly("svg.noSize");
    }

    @Test
    void preserveAspectRatioPlacesTheViewBox() {
        String head = "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='50mm' viewBox='0 0 10 10' ";
        assertThat(box(svg(head + "><rect width='10' height='10'/></svg>")
                        .elements()
                        .getFirst()))
                .isEqualTo(new Box(25, 0, 50, 50));
        assertThat(box(svg(head + "preserveAspectRatio='xMaxYMin'><rect width='10' height='10'/></svg>")
                        .elements()
                        .getFirst()))
                .isEqualTo(new Box(50, 0, 50, 50));
        assertThat(box(svg(head + "preserveAspectRatio='none'><rect width='10' height='10'/></svg>")
                        .elements()
                        .getFirst()))
                .isEqualTo(new Box(0, 0, 100, 50));
    }

    @Test
    void everyPathCommandDrawsAbsoluteAndRelative() {
        Artwork art = drawing("<path d='M10 10h20v10H10zm40,0l10-5 10 5q5 5 0 10t-10 0-10 0c-5 0-5-10 0-10s5-5 0-5'/>"
                + "<path d='M10 60A10 5 0 01 30 60a5 5 0 1110.5.5'/>");
        assertThat(art.findings()).isEmpty();
        assertThat(box(art.elements().get(0)))
                .isEqualTo(box(drawing(
                                "<path d='M10 10H30V20H10ZM50 10L60 5L70 10Q75 15 70 20T60 20T50 20C45 20 45 10 50 10S55 5 50 5'/>")
                        .elements()
                        .get(0)));
        assertThat(box(art.elements().get(1)).y()).isLessThan(56);
    }

    @Test
    void stylesCascadeFromAttributesOverSheetsToTheElement() {
        String css = "<style>/* */ .a{fill:#00ff00} #b{fill:blue} rect.a.c{fill:red} g > .d{fill:#123} "
                + "@media print{.a{fill:black}} .e{fill:yellow!important}</style>";
        assertThat(fill(drawing(css + "<rect class='a' fill='red' width='9' height='9'/>")))
                .isEqualTo(Paint.solid(new Rgba(0, 255, 0, 255)));
        assertThat(fill(drawing(css + "<rect class='a' id='b' width='9' height='9'/>")))
                .isEqualTo(Paint.solid(new Rgba(0, 0, 255, 255)));
        assertThat(fill(drawing(css + "<rect class='a c' width='9' height='9'/>")))
                .isEqualTo(Paint.solid(new Rgba(255, 0, 0, 255)));
        assertThat(fill(drawing(css + "<rect class='a' style='fill: rgb(10%,0%,100%)' width='9' height='9'/>")))
                .isEqualTo(Paint.solid(new Rgba(26, 0, 255, 255)));
        assertThat(fill(drawing(css + "<g><rect class='d' width='9' height='9'/></g>")))
                .isEqualTo(Paint.solid(new Rgba(0x11, 0x22, 0x33, 255)));
        assertThat(fill(drawing(css + "<rect class='e' style='fill:red' width='9' height='9'/>")))
                .isEqualTo(Paint.solid(new Rgba(255, 255, 0, 255)));
        assertThat(fill(drawing("<g color='#abcdef' fill='currentColor'><rect width='9' height='9'/></g>")))
                .isEqualTo(Paint.solid(new Rgba(0xab, 0xcd, 0xef, 255)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "#12f|1122ffff",
                "#12f8|1122ff88",
                "#1122ff80|1122ff80",
                "rgb(10% 50% 100% / 50%)|1a80ff80",
                "rgba(300, -5, 20.4, 0.2)|ff001433",
                "hsl(120, 100%, 25%)|008000ff",
                "hsl(-90deg 50% 50%)|8040bfff",
                "HSLA(60, 100%, 50%, 0.4)|ffff0066",
                "transparent|00000000",
                "ReBeccaPurple|663399ff"
            })
    void coloursAreReadHoweverTheyAreWritten(String text, String rgba) {
        int n = Integer.parseUnsignedInt(rgba, 16);
        assertThat(fill(drawing("<rect fill='" + text + "' width='9' height='9'/>")))
                .isEqualTo(Paint.solid(new Rgba(n >>> 24, n >> 16 & 255, n >> 8 & 255, n & 255)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "rect:first-child|true",
                "g rect|true",
                "svg > rect|false",
                "g > [role]|true",
                "[role=frame]|true",
                "[role=other]|false",
                "[data-kinds~=two]|true",
                "[data-kinds~=tw]|false",
                "circle + rect|false",
                "title + rect|false",
                "rect:hover|false",
                "*|true"
            })
    void rulesAreAboutWhatTheirSelectorMeans(String selector, boolean meant) {
        Artwork art = drawing("<style>" + selector + " { fill: #010203 }</style><g><rect role='frame'"
                + " data-kinds='one two' width='9' height='9'/></g><circle r='4'/>");

        assertThat(fill(art).equals(Paint.solid(new Rgba(1, 2, 3, 255)))).isEqualTo(meant);
    }

    @Test
    void whatIsUsedInheritsFromItsUserButIsMeantByTheRulesOfWhereItIsWritten() {
        String css = "<style>g .leaf { fill: red } defs .leaf { stroke: blue }</style>";
        Artwork art = drawing(css + "<defs><rect id='a' class='leaf' width='9' height='9'/></defs>"
                + "<g fill='#00ff00'><use href='#a'/></g>");

        assertThat(fill(art)).isEqualTo(Paint.solid(new Rgba(0, 255, 0, 255)));
        assertThat(shape(art.elements().getFirst()).stroke()).isPresent();
    }

    @Test
    void useAndSymbolsAreExpandedWhereTheyStand() {
        Artwork art = drawing("<defs><symbol id='s' viewBox='0 0 10 10'><rect width='10' height='10'/></symbol>"
                + "<circle id='c' r='5'/></defs><use href='#s' x='20' y='30' width='40' height='40'/>"
                + "<use xlink:href='#c' transform='translate(80 80) scale(2)'/>");
        assertThat(box(art.elements().get(0))).isEqualTo(new Box(20, 30, 40, 40));
        assertThat(box(art.elements().get(1)).x()).isCloseTo(70, within(1e-9));
    }

    @Test
    void aDrawingThatUsesItselfEnds() {
        Artwork art = drawing("<g id='a'><rect width='5' height='5'/><use href='#a'/></g>");
        assertThat(art.findings()).extracting(Finding::code).containsExactly("svg.usesItself");
    }

    @Test
    void groupsKeepTheirNamesAndNestAsTheyDid() {
        Artwork art = drawing("<g id='Corner'><g label='Ignored' data-name='Leaf two'><title>Leaf, left</title>"
                + "<path id='path1234' d='M0 0h5v5z'/></g></g>");
        GroupElement corner = (GroupElement) art.elements().getFirst();
        assertThat(corner.name()).isEqualTo("Corner");
        assertThat(corner.children().getFirst().name()).isEqualTo("Ignored");
        assertThat(corner.children().getFirst().children().getFirst().name()).isEmpty();
    }

    @Test
    void strokesKeepWidthCapsJoinsAndDashes() {
        Artwork art = drawing("<path d='M0 0h50' stroke='#123456' stroke-width='.5' stroke-linecap='round'"
                + " stroke-linejoin='bevel' stroke-dasharray='2,1 3' stroke-dashoffset='1' fill='none'/>");
        Stroke s = shape(art.elements().getFirst()).stroke().orElseThrow();
        assertThat(s.width()).isEqualTo(0.5);
        assertThat(s.cap()).isEqualTo(Stroke.Cap.ROUND);
        assertThat(s.join()).isEqualTo(Stroke.Join.BEVEL);
        assertThat(s.dashes()).containsExactly(2.0, 1.0, 3.0);
        assertThat(s.dashOffset()).isEqualTo(1);
    }

    @Test
    void gradientsInheritAndFitTheirShape() {
        Artwork art = drawing("<linearGradient id='a'><stop offset='.2' stop-color='red'/>"
                + "<stop offset='100%' style='stop-color:blue;stop-opacity:.5'/></linearGradient>"
                + "<radialGradient id='b' href='#a' spreadMethod='reflect'/>"
                + "<rect x='10' y='20' width='40' height='60' fill='url(#b)' fill-opacity='.5'/>");
        Paint.Radial g = (Paint.Radial) fill(art);
        assertThat(g.stops()).extracting(Paint.Stop::offset).containsExactly(0.2, 1.0);
        assertThat(g.stops().getLast().colour()).isEqualTo(new Rgba(0, 0, 255, 64));
        assertThat(g.spread()).isEqualTo(Paint.Spread.REFLECT);
        assertThat(art.elements().getFirst().placement().times(g.placement()).apply(0.5, 0.5))
                .isEqualTo(new rondel.geometry.Point(30, 50));
    }

    @Test
    void clipsMasksAndOpacityGoToAGroup() {
        Artwork art = drawing("<clipPath id='c'><circle cx='20' cy='20' r='10'/><rect x='50' width='9' height='9'/>"
                + "</clipPath><mask id='m'><rect width='50' height='50' fill='white'/></mask>"
                + "<rect id='Big' width='90' height='90' clip-path='url(#c)' mask='url(#m)' opacity='.5'/>");
        GroupElement g = (GroupElement) art.elements().getFirst();
        assertThat(g.name()).isEqualTo("Big");
        assertThat(g.opacity()).isEqualTo(0.5);
        assertThat(g.mask()).isPresent();
        assertThat(g.clip().orElseThrow().outline().bounds().orElseThrow().right())
                .isCloseTo(59, within(1e-6));
    }

    @Test
    void textIsLiveShapedAndPlaced() {
        Artwork art = drawing("<text x='50' y='40' font-family='Nunito' font-size='10' text-anchor='middle'>Low "
                + "<tspan font-weight='bold'>tide</tspan></text>");
        assertThat(art.findings()).isEmpty();
        assertThat(art.elements().getFirst().children())
                .extracting(e -> ((TextElement) e).content())
                .containsExactly("Low ", "tide");
        Box box = box(art.elements().getFirst());
        assertThat(box.centre().x()).isCloseTo(50, within(1.0));
        assertThat(box.height()).isBetween(6.0, 10.0);
    }

    @Test
    void aFontThatIsNotAtHandIsAFindingAndAnotherStandsIn() {
        Artwork art = drawing("<text y='20' font-family='Driftwood Grotesk, serif'>Tide</text>");
        assertThat(art.findings())
                .extracting(Finding::sentence)
                .singleElement()
                .asString()
                .contains("Driftwood Grotesk", "EB Garamond");
        assertThat(art.elements()).hasSize(1);
    }

    @Test
    void rolesHiddenThingsAndEvenOddAreKept() {
        Artwork art = drawing("<path data-role='kiss-cut' fill-rule='evenodd' d='M0 0h9v9H0zM2 2h2v2H2z'/>"
                + "<rect display='none' width='9' height='9'/>");
        assertThat(art.elements().get(0).role()).isEqualTo(Role.KISS_CUT);
        assertThat(shape(art.elements().get(0)).rule()).isEqualTo(FillRule.EVEN_ODD);
        assertThat(art.elements().get(1).hidden()).isTrue();
    }

    @Test
    void whatCannotBeCarriedOverIsAFinding() {
        Artwork art = drawing("<filter id='f'/><rect width='9' height='9' filter='url(#f)'/>"
                + "<foreignObject/><path d='M0 0L9 9 oops'/><rect width='3' height='3' fill='no-such-colour'/>");
        assertThat(art.findings())
                .extracting(Finding::code)
                .contains("svg.notCarried", "svg.pathBroken", "svg.badColour");
    }

    @Test
    void entitiesOfTheFileItselfAndForeignTagsAreUnderstood() {
        Artwork art = svg("<?xml version='1.0'?><!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN'"
                + " 'http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd' [<!ENTITY ns 'http://www.w3.org/2000/svg'>]>"
                + "<s:svg xmlns:s='&ns;' xmlns:x='http://example.org/x' width='10mm' height='10mm'>"
                + "<x:rect width='3'/><s:rect width='9' height='9'/></s:svg>");
        assertThat(art.elements()).hasSize(1);
    }
}
