package venue.core.sitemap;

/** robots.txt, after RFC 9309. */
public final class Robots {

    private Robots() {}

    /** Lets crawlers everywhere but into proofs, and names the sitemap. */
    public static String text(String origin) {
        return "User-agent: *\nDisallow: /-/proof/\n\nSitemap: " + origin + "/sitemap.xml\n";
    }
}
