package venue.server.delivery;

import java.nio.file.Path;
import java.util.Collection;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** A place outside this machine: bytes under keys. Whatever goes wrong there is a {@link TargetTrouble}. */
interface Target extends AutoCloseable {

    /**
     * What lies under a key.
     *
     * @param tag another whenever the bytes are
     */
    record Got(byte[] bytes, String tag) {}

    /**
     * Bytes to be laid down, with what is said of them.
     *
     * @param encoding the Content-Encoding; empty for none
     * @param download the Content-Disposition; empty for none
     * @param leadsTo where whoever asks for them is led; empty where they are for themselves
     */
    record Body(Content content, String type, String kept, String encoding, String download, String leadsTo) {

        static Body plain(byte[] bytes, String type) {
            return new Body(Content.of(bytes), type, "no-cache", "", "", "");
        }
    }

    /** Something that lies there. */
    interface Found {
        String key();

        /** Whether it is these bytes; looked at as far as that can be told from there. */
        boolean is(Content content);
    }

    Optional<Got> get(String key);

    /** Writes what lies under a key into a file, however long it is; whether there is anything. */
    boolean fetch(String key, Path to);

    void put(String key, Body body);

    /**
     * Puts bytes there only if what lies there is what was read.
     *
     * @param tag of what was read; absent where nothing was
     * @return the tag of what lies there now; empty where something else did
     */
    Optional<String> putIf(String key, byte[] bytes, @Nullable String tag);

    /** What isn't there is gone already. */
    void remove(Collection<String> keys);

    void each(String prefix, Consumer<Found> taker);

    /** Whether nothing lies there but what a trial of ours may have left. */
    boolean isEmpty();

    /** Whether it is a folder, which nginx may read by itself. */
    boolean isFolder();

    /** How many are laid down at once. */
    int atOnce();

    /** Where it is, in words. */
    String where();

    @Override
    void close();
}
