package venue.core.body.trace;

import java.util.List;

/** What visitors said on the pages of a site, as far as others read it. */
public interface Comments {

    /** So many of a page are read at most: the newest. */
    int MOST = 1_000;

    Comments NONE = new Comments() {
        @Override
        public List<Comment> on(String page) {
            return List.of();
        }

        @Override
        public int count(String page) {
            return 0;
        }

        @Override
        public List<Comment> newest(int most) {
            return List.of();
        }
    };

    /** What was said on a page, the oldest first. */
    List<Comment> on(String page);

    /** How many stand on a page. */
    int count(String page);

    /** The newest of the whole site, the newest first. */
    List<Comment> newest(int most);
}
