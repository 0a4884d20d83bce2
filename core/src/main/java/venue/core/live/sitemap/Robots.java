package venue.core.live.sitemap;

/** robots.txt, after RFC 9309. */
final class Robots {

    private Robots() {}

    /** Lets crawlers everywhere but into proofs, and names the sitemap. */
    static String text(String origin) {
        return "User-agent: *\nDisallow: /-/proof/\n\nSitemap: " + origin + "/sitemap.xml\n";
    }
}
