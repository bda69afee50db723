package rondel.devices.shop.standin;

import com.fasterxml.jackson.databind.JsonNode;

/** A plain page to look at what the shop has. */
final class ShopPage {

    private ShopPage() {}

    static String of(JsonNode listings) {
        StringBuilder page = new StringBuilder(
                "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>Stand-in shop</title>"
                        + "<style>body{font:16px/1.5 sans-serif;margin:2rem;max-width:60rem}li{margin:.3rem 0}</style>"
                        + "</head><body><h1>Stand-in shop</h1>");
        if (listings.isEmpty()) {
            page.append("<p>Nothing is listed yet.</p>");
        }
        for (JsonNode l : listings) {
            page.append("<h2>")
                    .append(escaped(l.path("title").asText()))
                    .append("</h2><p>")
                    .append(escaped(l.path("status").asText()))
                    .append(", ")
                    .append(escaped(l.path("price").asText()))
                    .append("</p><ul>");
            l.path("files").forEach(f -> page.append("<li>")
                    .append(escaped(f.path("name").asText()))
                    .append(", ")
                    .append(f.path("bytes").asInt())
                    .append(" bytes</li>"));
            page.append("</ul>");
        }
        return page.append("</body></html>").toString();
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
