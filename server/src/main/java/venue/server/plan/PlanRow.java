package venue.server.plan;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.PageState;
import venue.core.edition.edition.Worn;

/**
 * A page as the plan shows it.
 */
record PlanRow(
        @JsonUnwrapped RowHead head,
        @JsonUnwrapped RowWears wears,
        @JsonUnwrapped RowMenus menus,
        @JsonUnwrapped RowSitemap sitemap,
        @JsonUnwrapped RowFindings findings) {

    /**
     * What it is and where.
     *
     * @param keepsOrder by what the pages beneath it keep themselves in order: {@code title}, or a field's label
     * @param found words of the fields by which the page is found, beside its title
     */
    public record RowHead(
            String id,
            @Nullable String parent,
            String title,
            String address,
            String kind,
            String found,
            @Nullable String keepsOrder) {}

    /**
     * What it wears, and how it stands to visitors.
     *
     * @param tasks what it is for the site beside a page, such as the one for searching
     */
    public record RowWears(
            String template, Worn.Source wornBecause, PageState state, boolean home, List<String> tasks) {}

    /**
     * The menus in which it stands.
     *
     * @param menus ids of the menus that have a line to it
     * @param following ids of the menus in which it stands by itself, because a line follows its branch
     */
    public record RowMenus(List<String> menus, List<String> following) {}

    /**
     * How it stands in the sitemap, and who may see it.
     *
     * @param sitemap {@code in}, {@code out} where that is meant, or {@code missing} where it should be and is not yet
     * @param sitemapWhy why it is out or missing, or empty
     * @param gate absent where everyone may see it, and nothing says otherwise
     */
    public record RowSitemap(
            String sitemap, String sitemapWhy, @Nullable GateTold gate) {}

    /**
     * What waits to be done.
     *
     * @param toFill how many places wait for content
     */
    public record RowFindings(int toFill, int mustFix, int shouldFix, int notes) {}
}
