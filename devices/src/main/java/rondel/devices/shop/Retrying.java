package rondel.devices.shop;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.concurrent.CancellationException;
import java.util.random.RandomGenerator;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Sends requests until they are answered: waits longer after each failure, by chance up to twice as long as before (exponential back-off with full
 *  jitter), or as long as the shop asks for. Only requests that may come in twice are sent so. */
public final class Retrying {

    private static final Duration EACH = Duration.ofSeconds(30);

    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(Duration.ofSeconds(5))
            .version(HttpClient.Version.HTTP_1_1)
            .build();
    private final int tries;
    private final Duration first;
    private final Duration longest;
    private final RandomGenerator chance;

    /** @param tries how often a request is sent at most
     *  @param first how long is waited at most before the second
     *  @param longest how long is waited at most */
    public Retrying(int tries, Duration first, Duration longest, RandomGenerator chance) {
        this.tries = tries;
        this.first = first;
        this.longest = longest;
        this.chance = chance;
    }

    /** @throws Refusal if the shop refuses it, or does not answer at last */
    HttpResponse<String> send(HttpRequest.Builder request) {
        HttpRequest asked = request.timeout(EACH).build();
        String last = "";
        for (int i = 0; i < tries; i++) {
            Cancellation.check();
            Duration wait = backOff(i);
            try {
                HttpResponse<String> answer = client.send(asked, HttpResponse.BodyHandlers.ofString());
                int status = answer.statusCode();
                if (status < 400) {
                    return answer;
                }
                if (status != 429 && status < 500) {
                    throw Refusal.of(
                            "shop.refused", asked.uri().getHost(), String.valueOf(status), shortened(answer.body()));
                }
                last = String.valueOf(status);
                wait = answer.headers()
                        .firstValue("Retry-After")
                        .map(Retrying::seconds)
                        .orElse(wait);
            } catch (IOException e) {
                last = String.valueOf(e.getMessage());
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new CancellationException();
            }
            pause(wait);
        }
        throw new Refusal(Words.of("shop.noAnswer", asked.uri().getHost(), String.valueOf(tries), last));
    }

    private static String shortened(String body) {
        return body.length() > 200 ? body.substring(0, 200) : body;
    }

    private Duration backOff(int failed) {
        double most = Math.min(longest.toMillis(), first.toMillis() * Math.pow(2, failed));
        return Duration.ofMillis((long) (most * chance.nextDouble()));
    }

    private static Duration seconds(String text) {
        try {
            return Duration.ofMillis((long) (1000 * Math.clamp(Double.parseDouble(text.strip()), 0, 120)));
        } catch (NumberFormatException e) {
            return Duration.ofSeconds(1);
        }
    }

    private static void pause(Duration wait) {
        try {
            Thread.sleep(wait);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException();
        }
    }
}
