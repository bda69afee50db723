package rondel.formats.pdf.printready;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Calendar;
import java.util.GregorianCalendar;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;

/** What a PDF/X-4 says of itself, twice alike: in its information and as XMP (ISO 15930-7, 6.9; ISO 16684-1). */
final class Identification {

    private Identification() {}

    static void into(PDDocument document, String title, ZonedDateTime now) throws IOException {
        ZonedDateTime utc = now.withZoneSameInstant(ZoneOffset.UTC).withNano(0);
        Calendar date = GregorianCalendar.from(utc);
        PDDocumentInformation info = document.getDocumentInformation();
        String name = title.isBlank() ? "Untitled" : title;
        info.setTitle(name);
        info.setProducer("Rondel");
        info.setCreator("Rondel");
        info.setCreationDate(date);
        info.setModificationDate(date);
        info.setTrapped("False");
        String when = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss'Z'").format(utc);
        String id = "uuid:" + java.util.UUID.nameUUIDFromBytes((name + when).getBytes(StandardCharsets.UTF_8));
        COSStream xmp = document.getDocument().createCOSStream();
        xmp.setItem(COSName.TYPE, COSName.METADATA);
        xmp.setItem(COSName.SUBTYPE, COSName.getPDFName("XML"));
        try (var out = xmp.createOutputStream()) {
            out.write(packet(escaped(name), when, id).getBytes(StandardCharsets.UTF_8));
        }
        document.getDocumentCatalog().getCOSObject().setItem(COSName.METADATA, xmp);
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    private static String packet(String title, String when, String id) {
        return """
                <?xpacket begin="\ufeff" id="W5M0MpCehiHzreSzNTczkc9d"?>
                <x:xmpmeta xmlns:x="adobe:ns:meta/">
                <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
                <rdf:Description rdf:about=""
                  xmlns:dc="http://purl.org/dc/elements/1.1/"
                  xmlns:xmp="http://ns.adobe.com/xap/1.0/"
                  xmlns:xmpMM="http://ns.adobe.com/xap/1.0/mm/"
                  xmlns:pdf="http://ns.adobe.com/pdf/1.3/"
                  xmlns:pdfxid="http://www.npes.org/pdfx/ns/id/">
                <dc:format>application/pdf</dc:format>
                <dc:title><rdf:Alt><rdf:li xml:lang="x-default">%1$s</rdf:li></rdf:Alt></dc:title>
                <xmp:CreateDate>%2$s</xmp:CreateDate>
                <xmp:ModifyDate>%2$s</xmp:ModifyDate>
                <xmp:MetadataDate>%2$s</xmp:MetadataDate>
                <xmp:CreatorTool>Rondel</xmp:CreatorTool>
                <xmpMM:DocumentID>%3$s</xmpMM:DocumentID>
                <xmpMM:RenditionClass>default</xmpMM:RenditionClass>
                <xmpMM:VersionID>1</xmpMM:VersionID>
                <pdf:Producer>Rondel</pdf:Producer>
                <pdf:Trapped>False</pdf:Trapped>
                <pdfxid:GTS_PDFXVersion>PDF/X-4</pdfxid:GTS_PDFXVersion>
                </rdf:Description>
                </rdf:RDF>
                </x:xmpmeta>
                <?xpacket end="w"?>
                """.formatted(title, when, id);
    }
}
