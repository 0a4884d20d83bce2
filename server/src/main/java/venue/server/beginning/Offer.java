package venue.server.beginning;

import java.util.List;

/**
 * A beginning as it is offered.
 *
 * @param look the name of the look it brings
 * @param home the id of its home page
 * @param pages all its pages, in the order of the plan
 * @param live how many of them go live at once
 */
public record Offer(
        String id,
        String name,
        String note,
        String look,
        String home,
        List<OfferedPage> pages,
        int live,
        int toFill,
        int templates,
        int patterns,
        int kinds,
        int pictures) {

    /** A page, whose drawing lies at {@code /-/beginning/BEGINNING/ID}. */
    public record OfferedPage(String id, String title) {}
}
