package venue.core.live.sitemap;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Where a file of the sitemap lies: {@code /sitemap.xml} is the first, {@code /sitemap-3.xml} that of the third lot; one that would be too
 * long goes on in {@code /sitemap-3-2.xml}.
 *
 * @param lot from 1; 0 for the first
 * @param file from 1
 */
public record SitemapPath(int lot, int file) {

    public static final SitemapPath FIRST = new SitemapPath(0, 1);

    private static final Pattern PATH =
            Pattern.compile("/sitemap(?:-([1-9][0-9]{0,5})(?:-([2-9]|[1-9][0-9]{1,5}))?)?\\.xml");

    /** The one that an address is, if it is one. */
    public static Optional<SitemapPath> of(String address) {
        Matcher path = PATH.matcher(address);
        return path.matches()
                ? Optional.of(path.group(1) == null ? FIRST : new SitemapPath(number(path.group(1)), second(path)))
                : Optional.empty();
    }

    /** Those of a lot that has so many files. */
    static Stream<SitemapPath> of(int lot, int files) {
        return IntStream.rangeClosed(1, files).mapToObj(n -> new SitemapPath(lot, n));
    }

    private static int second(Matcher path) {
        return path.group(2) == null ? 1 : number(path.group(2));
    }

    private static int number(String digits) {
        return Integer.parseInt(digits);
    }

    public boolean isFirst() {
        return lot == 0;
    }

    /** As an address of the site. */
    public String text() {
        return isFirst() ? "/sitemap.xml" : "/sitemap-" + lot + (file > 1 ? "-" + file : "") + ".xml";
    }
}
