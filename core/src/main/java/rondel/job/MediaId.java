package rondel.job;

/** The SHA-256 of a picture file's bytes, in lower-case hex: the same picture is kept once. */
public record MediaId(String sha256) {

    @Override
    public String toString() {
        return sha256;
    }
}
