package rondel.formats.shelf;

import java.util.List;
import java.util.Optional;
import rondel.formats.files.FileName;
import rondel.job.Provenance;

/** One thing on a shelf, as the shelf tells of it.
 *
 * @param path of its file within the shelf's folder, with slashes
 * @param tags words it is found by, beside its title and its set */
public record Thing(String path, String title, List<String> tags, boolean favourite, Optional<Provenance> provenance) {

    public Thing {
        tags = List.copyOf(tags);
    }

    /** A thing of which nothing is told but its file: it is called after that. */
    public static Thing plain(String path) {
        return new Thing(path, FileName.stem(path).replace('-', ' '), List.of(), false, Optional.empty());
    }

    /** The set it belongs to: the folder its file is in, empty for the shelf's own. */
    public String set() {
        int slash = path.lastIndexOf('/');
        return slash < 0 ? "" : path.substring(0, slash);
    }

    /** Its file's name, without folders. */
    public String file() {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    public Thing withPath(String other) {
        return new Thing(other, title, tags, favourite, provenance);
    }

    public Thing withTitle(String other) {
        return new Thing(path, other, tags, favourite, provenance);
    }

    public Thing withTags(List<String> other) {
        return new Thing(path, title, other, favourite, provenance);
    }

    public Thing withFavourite(boolean other) {
        return new Thing(path, title, tags, other, provenance);
    }

    public Thing withProvenance(Optional<Provenance> other) {
        return new Thing(path, title, tags, favourite, other);
    }
}
