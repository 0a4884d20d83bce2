package venue.server.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.PageState;
import venue.core.edition.edition.Worn;

/**
 * A page as the plan shows it.
 *
 * @param menus ids of the menus that have a line to it
 * @param following ids of the menus in which it stands by itself, because a line follows its branch
 * @param sitemap {@code in}, {@code out} where that is meant, or {@code missing} where it should be and is not yet
 * @param sitemapWhy why it is out or missing, or empty
 * @param found words of the fields by which the page is found, beside its title
 * @param toFill how many places wait for content
 */
record PlanRow(
        String id,
        @Nullable String parent,
        String title,
        String address,
        String kind,
        String template,
        Worn.Source wornBecause,
        PageState state,
        boolean home,
        List<String> menus,
        List<String> following,
        String sitemap,
        String sitemapWhy,
        int toFill,
        int mustFix,
        int shouldFix,
        int notes,
        String found) {}
