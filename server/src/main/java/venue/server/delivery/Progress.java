package venue.server.delivery;

/** Is told how far a run has come. */
public interface Progress {

    Progress NONE = (doing, done, of, bytes) -> {};

    /**
     * @param doing in words
     * @param of how many there are; 0 while that isn't known
     * @param bytes sent so far
     */
    void at(String doing, int done, int of, long bytes);
}
