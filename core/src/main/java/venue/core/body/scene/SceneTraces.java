package venue.core.body.scene;

import java.util.List;
import venue.core.body.trace.Comment;
import venue.core.body.trace.CommentRule;
import venue.core.body.trace.Rating;
import venue.core.model.page.Page;

/** What visitors left on pages: what they said, how they like them. */
public interface SceneTraces {

    /** How this page takes comments. */
    CommentRule rule();

    /** What was said on this page, the oldest first. */
    List<Comment> comments();

    /** How many comments a page shows. */
    int comments(Page page);

    /** The newest on pages that this visitor may open, the newest first. */
    List<Said> newest(int most);

    /** A comment and the page on which it stands. */
    record Said(Comment comment, Page page) {}

    /** The day and hour of a comment in the site's zone (ISO 8601). */
    String when(Comment comment);

    /** How a page is rated. */
    Rating rating(Page page);

    /** Whether this page still takes ratings. */
    boolean rates();

    /** Something that visitors left is here: the page loads what sets it. */
    void written();

    /** It is rated here: the page loads what knows whether somebody has. */
    void rated();
}
