package rondel.formats.dxf;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.job.Rgba;
import rondel.job.Role;

/** The tables of a DXF file: line types, layers, and what else readers look for though nothing uses it. */
final class DxfTables {

    private final DxfTags tags;
    private final DxfVersion version;
    private final DxfLayers layers;
    private final Map<String, String> records;
    private final String model;
    private final String paper;

    /** @param records handles of blocks by their names */
    DxfTables(
            DxfTags tags,
            DxfVersion version,
            DxfLayers layers,
            Map<String, String> records,
            String model,
            String paper) {
        this.tags = tags;
        this.version = version;
        this.layers = layers;
        this.records = records;
        this.model = model;
        this.paper = paper;
    }

    void write() throws IOException {
        tags.tag(0, "SECTION").tag(2, "TABLES");
        boolean full = version == DxfVersion.R2000;
        if (full) {
            table("VPORT", 0);
            endTable();
        }
        lineTypes(full);
        layers(full);
        String style = table("STYLE", 1);
        record("STYLE", style, "AcDbTextStyleTableRecord", "STANDARD", 0);
        tags.tag(40, 0.0)
                .tag(41, 1.0)
                .tag(50, 0.0)
                .tag(71, 0)
                .tag(42, 2.5)
                .tag(3, "txt")
                .tag(4, "");
        endTable();
        if (full) {
            table("VIEW", 0);
            endTable();
            table("UCS", 0);
            endTable();
            String app = table("APPID", 1);
            record("APPID", app, "AcDbRegAppTableRecord", "ACAD", 0);
            endTable();
            table("DIMSTYLE", 0);
            tags.tag(100, "AcDbDimStyleTable").tag(71, 0);
            endTable();
            blockRecords();
        }
        tags.tag(0, "ENDSEC");
    }

    private String table(String name, int count) throws IOException {
        String handle = tags.next();
        tags.tag(0, "TABLE").tag(2, name);
        if (version == DxfVersion.R2000) {
            tags.tag(5, handle).tag(330, "0").tag(100, "AcDbSymbolTable");
        }
        tags.tag(70, count);
        return handle;
    }

    private void endTable() throws IOException {
        tags.tag(0, "ENDTAB");
    }

    private void record(String type, String table, String subclass, String name, int flags) throws IOException {
        tags.tag(0, type);
        if (version == DxfVersion.R2000) {
            tags.tag(5, tags.next())
                    .tag(330, table)
                    .tag(100, "AcDbSymbolTableRecord")
                    .tag(100, subclass);
        }
        tags.tag(2, name).tag(70, flags);
    }

    private void lineTypes(boolean full) throws IOException {
        List<String> names = full ? List.of("ByBlock", "ByLayer", "Continuous") : List.of("CONTINUOUS");
        String table = table("LTYPE", names.size());
        for (String name : names) {
            record("LTYPE", table, "AcDbLinetypeTableRecord", name, 0);
            tags.tag(3, "").tag(72, 65).tag(73, 0).tag(40, 0.0);
        }
        endTable();
    }

    private void layers(boolean full) throws IOException {
        Map<String, Rgba> all = new LinkedHashMap<>();
        all.put("0", new Rgba(0, 0, 0, 255));
        Set<Role> roles = new LinkedHashSet<>(layers.names().keySet());
        roles.forEach(r -> all.putIfAbsent(layers.name(r), layers.colour(r)));
        String table = table("LAYER", all.size());
        for (Map.Entry<String, Rgba> layer : all.entrySet()) {
            record("LAYER", table, "AcDbLayerTableRecord", layer.getKey(), 0);
            tags.tag(62, DxfLayers.index(layer.getValue())).tag(6, full ? "Continuous" : "CONTINUOUS");
            if (full) {
                tags.tag(370, -3).tag(390, "0");
            }
        }
        endTable();
    }

    private void blockRecords() throws IOException {
        String table = table("BLOCK_RECORD", records.size() + 2);
        blockRecord(table, "*Model_Space", model);
        blockRecord(table, "*Paper_Space", paper);
        for (Map.Entry<String, String> r : records.entrySet()) {
            blockRecord(table, r.getKey(), r.getValue());
        }
        endTable();
    }

    private void blockRecord(String table, String name, String handle) throws IOException {
        tags.tag(0, "BLOCK_RECORD")
                .tag(5, handle)
                .tag(330, table)
                .tag(100, "AcDbSymbolTableRecord")
                .tag(100, "AcDbBlockTableRecord")
                .tag(2, name)
                .tag(340, "0");
    }
}
