package venue.core.live.delivery;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is answered at one address of a site, as it lies on a target.
 *
 * @param at the address, decoded
 * @param page the id of the page that it is of; empty where it is of none
 * @param names addresses of the site's own files that it is made of
 * @param beneath further addresses of the same page: more pages of its listings, feeds
 * @param until from when on it may be another though nothing is released; absent where it is right for good
 */
public record Copy(
        String at,
        Lies lies,
        Answers answers,
        String page,
        List<String> names,
        List<String> beneath,
        @Nullable Instant until) {

    /**
     * Where its bytes lie.
     *
     * @param key on the target; empty for an answer without a body
     * @param hash SHA-256 of the bytes, 64 hexadecimal digits
     * @param size in bytes
     * @param zipped whether the same bytes lie there compressed, too: {@code key.gz} and {@code key.br}
     */
    public record Lies(String key, String hash, long size, boolean zipped) {

        public Lies {
            key = key == null ? "" : key;
            hash = hash == null ? "" : hash;
        }

        /** The keys of all its forms. */
        public List<String> keys() {
            return key.isEmpty() ? List.of() : zipped ? List.of(key + ".gz", key + ".br", key) : List.of(key);
        }
    }

    /**
     * How it is answered.
     *
     * @param status 200, 301, 404 or 410
     * @param kept the Cache-Control header
     * @param policy the Content-Security-Policy header
     * @param download the Content-Disposition header; empty where it is shown in its place
     * @param to where it leads; empty where it leads nowhere
     */
    public record Answers(int status, String type, String kept, String policy, String download, String to) {

        public Answers {
            type = type == null ? "" : type;
            kept = kept == null ? "" : kept;
            policy = policy == null ? "" : policy;
            download = download == null ? "" : download;
            to = to == null ? "" : to;
        }
    }

    public Copy {
        page = page == null ? "" : page;
        names = names == null ? List.of() : List.copyOf(names);
        beneath = beneath == null ? List.of() : List.copyOf(beneath);
    }

    /** Whether its bytes never change under its address: it is named by its hash. */
    public boolean isByHash() {
        return answers.status() == 200 && answers.kept().contains("immutable");
    }

    /** Whether it is one of the files that pages are made of. */
    public boolean isFile() {
        return at.startsWith("/-/");
    }

    /** Whether two answer alike, whatever is noted beside. */
    boolean isAs(Copy other) {
        return lies.equals(other.lies) && answers.equals(other.answers);
    }
}
