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
                JsonFields f = new JsonFields(node);
                return PictureReader.media(Base64.getDecoder().decode(f.text("base64")), f.text("sha256"));
            }
        };
    }
}
