package venue.server.pattern;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import venue.core.basics.item.Hash;
import venue.server.page.PageDetail.ZoneDetail;

/**
 * A pattern as its screen shows it.
 *
 * @param toFill how many places wait for content where it is placed
 * @param zones the one zone in which its sections stand
 */
record PatternDetail(@JsonUnwrapped PatternNamed named, long toFill, List<ZoneDetail> zones) {

    /** @param revision the hash of its content, to be sent with commands */
    public record PatternNamed(String id, Hash revision, String name, String group, String note, boolean retired) {}

    /**
     * Where its copies stand and how they stand to it.
     *
     * @param waiting on how many pages a change of it waits to be rolled out
     * @param pages on how many pages there are copies
     * @param some the first of those, such that have copies behind or adapted before the others
     */
    record PatternCopies(long inStep, long behind, long adapted, int waiting, int pages, List<CopiesOnPage> some) {}

    /** A page with copies of it. */
    record CopiesOnPage(String page, String title, String address, long inStep, long behind, long adapted) {}
}
