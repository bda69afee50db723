package rondel.formats.journal;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import rondel.formats.files.AtomicFile;
import rondel.formats.job.MediaStore;
import rondel.formats.picture.PictureReader;
import rondel.job.Media;

/** Keeps placed pictures beside a journal's lines, each once. */
record JournalMedia(Path folder) implements MediaStore {

    @Override
    public ObjectNode write(Media media) {
        String name = media.id().sha256() + "." + media.extension();
        if (!Files.exists(folder.resolve(name))) {
            AtomicFile.write(
                    folder.resolve(name), out -> out.write(media.bytes().content()));
        }
        return JsonNodeFactory.instance.objectNode().put("file", name);
    }

    @Override
    public Media read(JsonNode node) {
        String name = Path.of(node.path("file").asText()).getFileName().toString();
        try {
            return PictureReader.media(Files.readAllBytes(folder.resolve(name)), name);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
