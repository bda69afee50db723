package rondel.cli;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import picocli.CommandLine.Option;
import rondel.words.Refusal;
import rondel.words.Words;

/** Where a stand-in listens, and where it writes to. */
final class StandInPlace {

    @Option(names = "--port", paramLabel = "P", required = true)
    private int port;

    @Option(names = "--out", paramLabel = "DIR", required = true)
    private Path folder;

    @Option(names = "--listen", paramLabel = "ADDRESS")
    private Optional<String> listen = Optional.empty();

    /** What begins to listen at an address and port. */
    interface Opening<T> {
        T at(InetAddress address, int port) throws IOException;
    }

    /** Its folder, which is there from now on. */
    Path folder() throws IOException {
        return Files.createDirectories(folder);
    }

    /** @throws Refusal if nothing can listen there */
    <T> T open(Opening<T> standIn) {
        try {
            return standIn.at(
                    listen.isPresent() ? InetAddress.getByName(listen.get()) : InetAddress.getLoopbackAddress(), port);
        } catch (IOException e) {
            throw new Refusal(Words.of("device.port", String.valueOf(port), e.getMessage()), e);
        }
    }
}
