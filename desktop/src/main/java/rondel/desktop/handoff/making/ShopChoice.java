package rondel.desktop.handoff.making;

import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import rondel.devices.shop.SetPublishing;
import rondel.devices.shop.ShopTokens;
import rondel.devices.shop.standin.ShopFaults;
import rondel.devices.shop.standin.StandInShop;
import rondel.words.Refusal;

/** The shop that a set is published in: the stand-in that comes along, or one by its address; and what is said of what is sold. */
public final class ShopChoice implements AutoCloseable {

    private final ShopTokens tokens;
    private final Path folder;
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<StandInShop> standIn = Optional.empty();
    private String standInToken = "";
    private String address = "";
    private String price = "";
    private String words = "";
    private String said = "";

    /** Where something is published, and by whom. */
    record Account(URI shop, String token) {}

    /** @param folder that the stand-in keeps its listings in */
    public ShopChoice(ShopTokens tokens, Path folder) {
        this.tokens = tokens;
        this.folder = folder;
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** What is said of what was published last. */
    public String said() {
        return said;
    }

    void say(String sentence) {
        said = sentence;
        List.copyOf(listeners).forEach(Runnable::run);
    }

    /** @param typed an address of the web; empty for the stand-in */
    public void address(String typed) {
        address = typed.strip();
    }

    public String address() {
        return address;
    }

    /** @param typed what the shop knows the person by; kept in a file only the person can read */
    public void token(String typed) {
        if (!typed.isBlank()) {
            tokens.keep(SetPublishing.address(address).toString(), typed.strip());
        }
    }

    public void price(String typed) {
        price = typed.strip();
    }

    public String price() {
        return price;
    }

    public void words(String typed) {
        words = typed;
    }

    /** To be found by. */
    List<String> words() {
        return Arrays.stream(words.split(","))
                .map(String::strip)
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** The shop with its token; the stand-in is opened for it, off the toolkit's thread.
     *
     * @throws Refusal if the address is none, or no token is known for it */
    synchronized Account account() throws IOException {
        if (!address.isEmpty()) {
            URI shop = SetPublishing.address(address);
            return new Account(
                    shop, tokens.of(shop.toString()).orElseThrow(() -> Refusal.of("shop.noTokenInWindow", address)));
        }
        if (standIn.isEmpty()) {
            standInToken = UUID.randomUUID().toString();
            standIn = Optional.of(new StandInShop(
                    InetAddress.getLoopbackAddress(), 0, standInToken, Optional.of(folder), ShopFaults.NONE));
        }
        return new Account(URI.create("http://localhost:" + standIn.get().port()), standInToken);
    }

    @Override
    public synchronized void close() throws IOException {
        if (standIn.isPresent()) {
            standIn.get().close();
            standIn = Optional.empty();
        }
    }
}
