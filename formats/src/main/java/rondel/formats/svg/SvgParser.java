package rondel.formats.svg;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.XMLConstants;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.parsers.SAXParser;
import javax.xml.parsers.SAXParserFactory;
import org.xml.sax.Attributes;
import org.xml.sax.InputSource;
import org.xml.sax.Locator;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;
import org.xml.sax.ext.DefaultHandler2;
import rondel.job.GroupElement;
import rondel.words.Refusal;

/** XML to {@link SvgNode}s. Entities of the document itself are expanded, within limits; a document type's address is
 *  never followed, and an entity that points elsewhere is refused. */
final class SvgParser {

    private static final int DEEPEST = GroupElement.DEEPEST;
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final int MOST = 1_000_000;

    private SvgParser() {}

    static SvgNode parse(InputStream in, String file) {
        Handler handler = new Handler(file);
        try {
            SAXParserFactory factory = SAXParserFactory.newDefaultNSInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            SAXParser parser = factory.newSAXParser();
            parser.setProperty("jdk.xml.maxElementDepth", Integer.toString(DEEPEST + 1));
            parser.setProperty(XMLConstants.ACCESS_EXTERNAL_DTD, "");
            parser.setProperty("http://xml.org/sax/properties/declaration-handler", handler);
            parser.setProperty("http://xml.org/sax/properties/lexical-handler", handler);
            parser.parse(new InputSource(in), handler);
        } catch (SAXParseException e) {
            String said = String.valueOf(e.getMessage());
            if (said.startsWith("JAXP00010006")) {
                throw new Refusal(rondel.words.Words.of("svg.tooDeep", file, DEEPEST), e);
            }
            if (said.startsWith("JAXP000")) {
                throw new Refusal(rondel.words.Words.of("svg.tooManyEntities", file), e);
            }
            throw new Refusal(rondel.words.Words.of("svg.notXml", file, e.getLineNumber()), e);
        } catch (SAXException | ParserConfigurationException | IOException e) {
            throw new Refusal(rondel.words.Words.of("svg.unreadable", file), e);
        }
        if (handler.root == null || !handler.root.is("svg")) {
            throw Refusal.of("svg.notSvg", file);
        }
        handler.root.children.addAll(handler.styleLinks);
        return handler.root;
    }

    /** Collects the tree. */
    private static final class Handler extends DefaultHandler2 {
        private final String file;
        private final Map<String, String> names = new HashMap<>();
        private Locator locator;
        private SvgNode root;
        private SvgNode current;
        private final List<SvgNode> styleLinks = new ArrayList<>();
        private int depth;
        private int count;

        Handler(String file) {
            this.file = file;
        }

        @Override
        public void setDocumentLocator(Locator documentLocator) {
            locator = documentLocator;
        }

        @Override
        public void externalEntityDecl(String name, String publicId, String systemId) {
            throw Refusal.of("svg.externalEntity", file, name);
        }

        @Override
        public InputSource resolveEntity(String name, String publicId, String baseUri, String systemId) {
            return new InputSource(InputStream.nullInputStream());
        }

        @Override
        public void startElement(String uri, String localName, String qName, Attributes atts) {
            if (++depth > DEEPEST) {
                throw Refusal.of("svg.tooDeep", file, DEEPEST);
            }
            if (++count > MOST) {
                throw Refusal.of("svg.tooMany", file);
            }
            Map<String, String> attributes = HashMap.newHashMap(atts.getLength());
            for (int i = 0; i < atts.getLength(); i++) {
                String name = atts.getQName(i);
                if (name.startsWith("xmlns")) {
                    continue;
                }
                if (name.indexOf(':') < 0) {
                    attributes.put(name, atts.getValue(i));
                } else {
                    attributes.putIfAbsent(local(name), atts.getValue(i));
                }
            }
            boolean ours = uri.isEmpty() || uri.equals(SVG) || uri.startsWith("http://www.w3.org/Graphics/SVG");
            String tag = ours ? localName : "?" + qName;
            SvgNode node = new SvgNode(tag, current, attributes, line());
            if (current == null) {
                root = node;
            } else {
                current.children.add(node);
            }
            current = node;
        }

        private String local(String name) {
            int colon = name.indexOf(':');
            return colon < 0 ? name : names.computeIfAbsent(name, n -> n.substring(n.indexOf(':') + 1));
        }

        /** A style sheet in another file is not read; the reader of styles says so. */
        @Override
        public void processingInstruction(String target, String data) {
            if (target.equals("xml-stylesheet")) {
                styleLinks.add(new SvgNode(StyleSheet.LINK, null, Map.of(), line()));
            }
        }

        private int line() {
            return locator == null ? 0 : locator.getLineNumber();
        }

        @Override
        public void endElement(String uri, String localName, String qName) {
            depth--;
            current = current.parent.orElse(null);
        }

        @Override
        public void characters(char[] ch, int start, int length) {
            if (current == null || !current.attributes.isEmpty() && current.is("path")) {
                return;
            }
            int last = current.children.size() - 1;
            String text = new String(ch, start, length);
            if (last >= 0 && current.children.get(last).is(SvgNode.TEXT)) {
                current.children.get(last).append(text);
            } else if (holdsText(current.tag)) {
                current.children.add(SvgNode.text(current, text));
            }
        }

        private static boolean holdsText(String tag) {
            return switch (tag) {
                case "text", "tspan", "textPath", "tref", "a", "style", "title", "flowPara", "flowSpan" -> true;
                default -> false;
            };
        }
    }
}
