package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Base64;
import rondel.formats.picture.PictureReader;
import rondel.job.Media;

/** Where operations that place pictures keep their bytes. */
public interface MediaStore {

    ObjectNode write(Media media);

    Media read(JsonNode node);

    /** The bytes inside the JSON itself, as base64: for recipes that stand alone. */
    static MediaStore inline() {
        return new MediaStore() {
            @Override
            public ObjectNode write(Media media) {
                return JobJson.media(media)
                        .put(
                                "base64",
                                Base64.getEncoder().encodeToString(media.bytes().content()));
            }

            @Override
            public Media read(JsonNode node) {
                try {
                    byte[] bytes =
                            Base64.getDecoder().decode(node.path("base64").asText());
                    return PictureReader.media(bytes, node.path("sha256").asText());
                } catch (IllegalArgumentException e) {
                    throw new BadJson("base64", e.getMessage());
                }
            }
        };
    }
}
