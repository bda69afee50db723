package rondel.devices.printer;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.time.Duration;
import rondel.progress.Advance;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** A printer that takes PDF as it is on a port, as most that stand in a network do on 9100. */
public final class PrinterPort {

    private static final int CONNECTING = 5000;
    private static final int PART = 16_384;
    private static final Duration ENDING = Duration.ofSeconds(60);

    private PrinterPort() {}

    /** Sends all of it, and waits until the printer closes the line; slow.
     *
     * @throws Refusal if nothing listens there, or the line breaks */
    public static void send(byte[] pdf, String host, int port) {
        Socket socket = new Socket();
        try (socket) {
            try {
                socket.connect(new InetSocketAddress(host, port), CONNECTING);
            } catch (IOException | IllegalArgumentException e) {
                throw new Refusal(Words.of("print.notThere", host + ":" + port), e);
            }
            socket.setSoTimeout((int) ENDING.toMillis());
            OutputStream out = socket.getOutputStream();
            for (int at = 0; at < pdf.length; at += PART) {
                Cancellation.check();
                out.write(pdf, at, Math.min(PART, pdf.length - at));
                Advance.to(at, pdf.length);
            }
            out.flush();
            socket.shutdownOutput();
            InputStream in = socket.getInputStream();
            in.transferTo(OutputStream.nullOutputStream());
        } catch (IOException e) {
            throw new Refusal(Words.of("print.broken", host + ":" + port, e.getMessage()), e);
        }
    }
}
