package venue.core.live.delivery;

/** Where the bytes of answers lie on a target. */
public enum Layout {

    /** At their addresses, for whatever serves keys as they are asked for: page after page becomes the new one. */
    AT_ADDRESSES,

    /** Each under the hash of its bytes, for nginx, which is told in one move what it serves where. */
    BY_HASH;

    /** A site has no addresses beneath it but those of its files. */
    public static final String PAGES = "-/page/";

    private static final int NAME = 40;

    /**
     * The key of an answer.
     *
     * @param at the address, decoded
     * @param ending of the key, by the type of what lies there, where that stands under its hash
     * @param immutable whether its bytes never change under the address
     */
    public String key(String at, String hash, String ending, boolean immutable) {
        if (this == BY_HASH && !immutable) {
            return PAGES + hash.substring(0, NAME) + "." + ending;
        }
        String path = at.substring(1);
        boolean bare = ending.equals("html") && !path.endsWith(".html");
        return bare ? (path.isEmpty() ? "" : path + "/") + "index.html" : path;
    }
}
